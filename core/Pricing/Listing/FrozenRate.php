<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Listing;

use Brick\Math\BigDecimal;

/**
 * The exchange rate a price was made at: it stays until the rate of the day has moved too far from it, so that prices
 * don't flicker.
 */
final class FrozenRate
{
    /**
     * @param  string|null  $frozen  the rate the price stands on, a decimal; null when it has none yet
     * @param  string  $today  the rate of the day
     * @param  int  $toleranceBp  how far it may move, in basis points of the frozen rate
     * @return string the rate to price by
     */
    public static function hold(?string $frozen, string $today, int $toleranceBp): string
    {
        if ($frozen === null) {
            return $today;
        }
        $then = BigDecimal::of($frozen);
        $moved = BigDecimal::of($today)->minus($then)->abs();

        return $moved->multipliedBy(10_000)->isGreaterThan($then->multipliedBy($toleranceBp)) ? $today : $frozen;
    }
}
