<?php

declare(strict_types=1);

/*
 * Does a pull in a process of its own and breaks it off at a statement: php pull-until.php RUN STATEMENT kill|cut
 * kill ends the process as the machine would; cut ends its connection, as a restarted database does. Statement 0 never
 * comes: the pull goes through, and how many statements it took is printed.
 */

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use WindowStall\Runs\Run;
use WindowStall\Source\Jobs\PullCatalogue;
use WindowStall\Stall\OneStall;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

[, $id, $at, $how] = $argv;
$run = Run::query()->findOrFail((int) $id);
$count = 0;
OneStall::within($run->stall_id, static function () use ($app, $run, $at, $how, &$count): void {
    $backend = (int) DB::scalar('SELECT pg_backend_pid()');
    $before = static function () use (&$count, $at, $how, $backend): void {
        if (++$count === (int) $at) {
            $how === 'kill'
                ? posix_kill((int) getmypid(), SIGKILL)
                : DB::connection('owner')->select('SELECT pg_terminate_backend(?)', [$backend]);
        }
    };
    DB::connection()->beforeExecuting($before);
    $app->call([new PullCatalogue($run->id), 'handle']);
});
echo $count;
