<?php

declare(strict_types=1);

namespace WindowStall\Frame;

use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Support\Facades\Route;
use WindowStall\Support\Http\Health;
use WindowStall\Support\Http\RouteNames;
use WindowStall\Support\Http\SafeHeaders;

/** Three hosts, three origins: the workshop, the shops, the stand-ins. Each area keeps its own routes.php. */
final class Routes
{
    /** Areas with screens in the workshop, in the order of the work. */
    private const AREAS = [
        'Stall', 'Hooks', 'Source', 'Bench', 'Pricing', 'Drift', 'Print', 'Shelves', 'Offers', 'Delivery', 'Reviews', 'Window', 'Counter', 'Opening', 'Frame',
    ];

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
        'shelf',
        'synonym',
        'page',
        'letter',
        'place',
        'code',
        'taxRate',
        'return',
        'batch',
        'supplierOrder',
        'supplierRequest',
        'artwork',
        'placing',
        'file',
        'review',
        'question',
        'firstShop',
        'onlooker',
        'outsideScript',
    ];

    public static function register(): void
    {
        $places = array_fill_keys(self::NUMBERS, '[0-9]{1,18}') + ['stall' => '[a-z0-9-]{1,40}'];
        Route::domain((string) config('stall.workshop_host'))
            ->where($places)
            ->middleware(SafeHeaders::class)
            ->group(function (): void {
                Route::get('/up', Health::class)->name('up');
                Route::get('/routes.js', RouteNames::class)->name('routes');
                Route::middleware('web')->group(function (): void {
                    foreach (self::AREAS as $area) {
                        require app_path($area.'/routes.php');
                    }
                });
                Route::middleware([SubstituteBindings::class])->group(app_path('Frame/Api/routes.php'));
                Route::middleware('throttle:hooks')->group(app_path('Counter/hooks.php'));
            });
        Route::domain('{shop}.'.config('stall.shops_host'))
            ->where($places)
            ->middleware('shop')
            ->name('shop.')
            ->group(function (): void {
                require app_path('Shop/routes.php');
                require app_path('Counter/shop.php');
                require app_path('Opening/shop.php');
            });
        if ((bool) config('stall.standins.run')) {
            Route::middleware('standin')->group(base_path('standins/routes.php'));
        }
    }
}
