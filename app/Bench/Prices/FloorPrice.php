<?php

declare(strict_types=1);

namespace WindowStall\Bench\Prices;

use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\VariantFigures;
use WindowStall\Stall\Stall;

/** The least that one piece may be sold for. */
final class FloorPrice
{
    /**
     * @return int minor units, as the market shows it that the stall is seen from; 0 where its seller doesn't mind or there is
     *     none, and PHP_INT_MAX where no price keeps it
     */
    public static function of(Stall $stall, ListingFigures $figures, VariantFigures $variant): int
    {
        $floor = $variant->row->own_under_floor ? null : $figures->recipeOf($variant)->floor;
        if ($floor === null || $variant->landed === null) {
            return 0;
        }
        $least = $floor->price($variant->landed, $figures->terms);

        return $least === null ? PHP_INT_MAX : $stall->seen()->atLeast($least)->minor;
    }
}
