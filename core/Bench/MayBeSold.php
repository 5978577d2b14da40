<?php

declare(strict_types=1);

namespace WindowStall\Core\Bench;

/**
 * The one rule of what a shopper may buy. The database knows it as `prices.under_floor` and `may_be_offered()`, for lists
 * of very many; MayBeSoldTest holds both together.
 */
final class MayBeSold
{
    /**
     * Whether a sale keeps less than its floor asks, or loses money.
     *
     * @param  int|null  $aboveFloor  how far what is kept is above the floor, in minor units; null where there is none
     * @param  int|null  $keep  what one sale keeps, in minor units; null where it isn't known
     */
    public static function isUnderFloor(?int $aboveFloor, ?int $keep): bool
    {
        return ($aboveFloor ?? 0) < 0 || ($keep ?? 0) < 0;
    }

    /**
     * Whether it is offered: switched on, with a price, and not under its floor unawares.
     *
     * @param  int|null  $price  in minor units
     * @param  bool  $knowingly  whether the seller said it may be sold under its floor
     */
    public static function isOffered(bool $on, ?int $price, bool $underFloor, bool $knowingly): bool
    {
        return $on && ($price ?? 0) > 0 && ($knowingly || ! $underFloor);
    }

    /** @param  int  $pieces  that can be sold */
    public static function isBuyable(int $pieces, bool $offered): bool
    {
        return $offered && $pieces > 0;
    }
}
