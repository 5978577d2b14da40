<?php

declare(strict_types=1);

namespace WindowStall\Support;

use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Support\Facades\Route;

/** Three hosts, three origins: the workshop, the shops, the stand-ins. Each area keeps its own routes.php. */
final class Routes
{
    /** Areas with screens in the workshop, in the order of the work. */
    private const AREAS = ['Stall', 'Hooks', 'Source', 'Bench', 'Drift', 'Pricing', 'Window', 'Counter'];

    /** Numbers of rows, as they stand in addresses; more digits than these no row has. */
    private const NUMBERS = [
        'listing',
        'variant',
        'picture',
        'item',
        'connection',
        'run',
        'order',
        'recipe',
        'change',
        'search',
        'line',
        'version',
        'revision',
        'preview',
        'look',
        'hook',
        'delivery',
    ];

    public static function register(): void
    {
        $places = array_fill_keys(self::NUMBERS, '[0-9]{1,18}') + ['stall' => '[a-z0-9-]{1,40}'];
        Route::domain((string) config('stall.workshop_host'))
            ->where($places)
            ->middleware(Http\SafeHeaders::class)
            ->group(function (): void {
                Route::get('/up', Http\Health::class)->name('up');
                Route::get('/routes.js', Http\RouteNames::class)->name('routes');
                Route::middleware('web')->group(function (): void {
                    foreach (self::AREAS as $area) {
                        require app_path($area.'/routes.php');
                    }
                });
                Route::middleware([SubstituteBindings::class])->group(app_path('Support/Api/routes.php'));
                Route::middleware('throttle:hooks')->group(app_path('Counter/hooks.php'));
            });
        Route::domain('{shop}.'.config('stall.shops_host'))
            ->where($places)
            ->middleware('shop')
            ->name('shop.')
            ->group(app_path('Shop/routes.php'));
        if ((bool) config('stall.standins.run')) {
            Route::middleware('standin')->group(base_path('standins/routes.php'));
        }
    }
}
