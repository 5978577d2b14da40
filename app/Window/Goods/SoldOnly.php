<?php

declare(strict_types=1);

namespace WindowStall\Window\Goods;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Stall\Stall;

/** The one listing a shop sells, as long as it is in the window; else the shop is as it was dressed, with its basket. */
final class SoldOnly
{
    public static function by(Stall $stall): ?int
    {
        $listing = $stall->only_listing_id;

        return $listing !== null
            && Listing::of($stall)->whereKey($listing)->where('state', ListingState::InWindow)->exists() ? $listing : null;
    }
}
