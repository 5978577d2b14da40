<?php

declare(strict_types=1);

use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Routing\Middleware\SubstituteBindings;
use WindowStall\Frame\Http\SharedProps;
use WindowStall\Frame\Routes;
use WindowStall\Shop\Http\OpenToShoppers;
use WindowStall\Shop\Http\OwnShopOnly;
use WindowStall\Stall\Http\BeginOutside;
use WindowStall\Stall\Http\InStall;
use WindowStall\Stall\Http\LimitConcurrency;
use WindowStall\Stall\Http\SignedInHere;
use WindowStall\Support\Http\MeasuredBody;
use WindowStall\Support\Http\PlainErrors;
use WindowStall\Support\Http\RefuseBrokenText;

// An instance (demo, test, bench) has its settings, storage and caches under var/NAME; bin/lib writes them.
$instance = getenv('WINDOW_STALL_INSTANCE') ?: 'demo';
$home = dirname(__DIR__).'/var/'.$instance;
// What was compiled for the web server doesn't hold for tests, which set some of it for themselves. bin/test compiles that
// for them; whoever calls PHPUnit by hand goes without, and so never by what is old.
$compiled = $home.match (true) {
    ! getenv('WINDOW_STALL_SETS_ITSELF') => '/cache',
    (bool) getenv('WINDOW_STALL_COMPILED') => '/cache/compiled-tests',
    default => '/cache/tests',
};
foreach (['config', 'routes', 'events', 'packages', 'services'] as $cache) {
    $_SERVER['APP_'.strtoupper($cache).'_CACHE'] = $compiled.'/'.$cache.'.php';
}

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(using: Routes::register(...))
    ->withProviders(require __DIR__.'/providers.php', withBootstrapProviders: false)
    ->withCommands([
        WindowStall\Stall\Console\MakeToken::class,
        WindowStall\Runs\Console\TakeUpRuns::class,
        WindowStall\Shop\Console\KeepPages::class,
        WindowStall\Support\Console\Install::class,
        WindowStall\Support\Console\WriteTypes::class,
        WindowStall\Frame\Console\WriteApi::class,
    ])
    ->withMiddleware(function (Middleware $middleware): void {
        // What is looked for and put instead may begin or end with a space.
        $middleware->trimStrings(except: ['find', 'with']);
        $middleware->web(append: [SignedInHere::class, SharedProps::class]);
        $middleware->trustProxies(at: array_filter(explode(',', (string) env('TRUSTED_PROXIES', ''))));
        $middleware->group('shop', [OwnShopOnly::class, OpenToShoppers::class, SubstituteBindings::class]);
        $middleware->prepend([MeasuredBody::class, RefuseBrokenText::class, BeginOutside::class]);
        // What a route names is looked for in the stall that was entered.
        $middleware->prependToPriorityList(before: SubstituteBindings::class, prepend: InStall::class);
        // For what asks outside or works for seconds.
        $middleware->group('dear', ['throttle:dear', LimitConcurrency::class]);
        $middleware->group('standin', [SubstituteBindings::class]);
        $middleware->redirectGuestsTo(fn (): string => route('sign-in'));
        $middleware->redirectUsersTo(fn (): string => route('home'));
    })
    ->withSchedule(function (Schedule $schedule): void {
        $schedule->job(new WindowStall\Source\Jobs\PullDue, 'sweeps')->everyMinute();
        $schedule->job(new WindowStall\Bench\Jobs\FetchForgotten, 'sweeps')->everyMinute();
        $schedule->job(new WindowStall\Shelves\Jobs\TurnShelves, 'sweeps')->everyMinute();
        $schedule->job(new WindowStall\Bench\Jobs\EndTimes, 'sweeps')->everyMinute();
        $schedule->job(new WindowStall\Stall\Jobs\OpenOnTime, 'sweeps')->everyMinute();
        $schedule->job(new WindowStall\Opening\Jobs\RehearseByNight, 'sweeps')->everyMinute();
        $schedule->job(new WindowStall\Window\Jobs\TurnWindows, 'sweeps')->everyMinute();
        // Twice a minute: the second waits in the queue. Repeating within a minute would keep a process busy all the time.
        foreach ([0, 30] as $later) {
            $schedule->job((new WindowStall\Counter\Jobs\SweepSupplierOrders)->delay($later), 'sweeps')->everyMinute();
            $schedule->job((new WindowStall\Runs\Jobs\WatchRuns)->delay($later), 'sweeps')->everyMinute();
        }
        $schedule->job(new WindowStall\Drift\Digest\SendDigests, 'sweeps')->everyFiveMinutes();
        $schedule->job(new WindowStall\Frame\Jobs\ThinOut, 'sweeps')->hourly();
        $schedule->job(new WindowStall\Counter\Jobs\SendReminders, 'sweeps')->everyTenMinutes();
        $schedule->job(new WindowStall\Counter\Jobs\AskForReviews, 'sweeps')->everyTenMinutes();
        $schedule->job(new WindowStall\Shop\Back\TellBack, 'sweeps')->everyFiveMinutes();
        $schedule->job(new WindowStall\Shop\Back\TellOpened, 'sweeps')->everyMinute();
        $schedule->job(new WindowStall\Pricing\Jobs\TurnTaxes, 'sweeps')->everyTenMinutes();
        $schedule->command('queue:prune-failed --hours=168')->daily();
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        PlainErrors::register($exceptions);
    })
    ->create();

$app->useEnvironmentPath($home);
$app->loadEnvironmentFrom('env');
// Where several web machines run beside each other, each keeps its own files.
$machine = getenv('WINDOW_STALL_MACHINE') ?: '';
$app->useStoragePath($home.($machine === '' || $machine === 'only' ? '' : '/machines/'.$machine).'/storage');

return $app;
