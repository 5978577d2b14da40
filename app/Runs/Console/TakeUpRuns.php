<?php

declare(strict_types=1);

namespace WindowStall\Runs\Console;

use Illuminate\Console\Command;
use WindowStall\Runs\Jobs\WatchRuns;

/**
 * At the start nobody works on anything: what was under way when the program ended is taken up, or ended with a
 * sentence.
 */
final class TakeUpRuns extends Command
{
    protected $signature = 'stall:take-up';

    protected $description = 'Take up runs that broke off when the program was stopped';

    public function handle(): int
    {
        (new WatchRuns(silence: 0))->handle();

        return self::SUCCESS;
    }
}
