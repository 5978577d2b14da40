<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;
use WindowStall\Stall\Events\ShopChanged;

/** What Shop listens to. */
final class ShopServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Event::listen(static function (ShopChanged $changed): void {
            app(PageStore::class)->turnTo($changed->handle, $changed->revision, $changed->only);
        });
    }
}
