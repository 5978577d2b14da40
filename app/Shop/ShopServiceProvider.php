<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;
use WindowStall\Shop\Ready\NoteStaleGoods;
use WindowStall\Shop\Ready\PageFolder;
use WindowStall\Shop\Ready\PageTurns;
use WindowStall\Stall\Events\PagesWentStale;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\ShopState;
use WindowStall\Stall\Stall;

/** What Shop listens to. */
final class ShopServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Event::listen(NoteStaleGoods::of(...));
        // What can't be done here and now, whoever keeps the pages does (Console\KeepPages).
        Event::listen(static fn (PagesWentStale $went) => rescue(
            static fn () => OneStall::within($went->stall, static fn () => self::turn($went->stall)),
        ));
    }

    private static function turn(int $number): void
    {
        $stall = Stall::query()->find($number);
        if ($stall !== null) {
            app(PageTurns::class)->turn($stall);
            PageFolder::of($stall)->follow(ShopState::of($stall));
        }
    }
}
