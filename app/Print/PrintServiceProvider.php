<?php

declare(strict_types=1);

namespace WindowStall\Print;

use Illuminate\Support\ServiceProvider;
use WindowStall\Bench\Pictures\MakesPictures;
use WindowStall\Print\Artwork\Artwork;
use WindowStall\Print\Making\PicturesHere;
use WindowStall\Print\Placing\Placed;
use WindowStall\Source\MadeGoods;
use WindowStall\Stall\Stall;

/** What Print gives and listens to. */
final class PrintServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(MadeGoods::class, MadeGoodsHere::class);
        $this->app->bind(MakesPictures::class, PicturesHere::class);
    }

    public function boot(): void
    {
        // What addresses name below a stall is looked for among its own.
        Stall::resolveRelationUsing('artworks', Artwork::of(...));
        Stall::resolveRelationUsing('placings', Placed::of(...));
    }
}
