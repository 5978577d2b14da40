<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Source\Events\HomeMoved;
use WindowStall\Source\ListedGoods;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Words\PhraseRooms;

/** What Bench gives and listens to. */
final class BenchServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(ListedGoods::class, ListedFromSupplier::class);
    }

    public function boot(): void
    {
        // What addresses name below a stall is looked for among its own.
        Stall::resolveRelationUsing('listings', Listing::of(...));
        Stall::resolveRelationUsing('pictures', Picture::of(...));
        app(PhraseRooms::class)->add(GoodsPhrases::rooms(...));
        Event::listen(HomeMoved::class, ShowNewHome::class);
    }
}
