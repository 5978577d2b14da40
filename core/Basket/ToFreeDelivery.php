<?php

declare(strict_types=1);

namespace WindowStall\Core\Basket;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rounding;
use WindowStall\Core\Pricing\Recipe\Floor;
use WindowStall\Core\Pricing\Sale\SaleTerms;

/** How much more in a basket makes its delivery free. */
final class ToFreeDelivery
{
    /**
     * Said only where an order that just comes to it keeps what its goods have to: what is put in besides is taken to cost
     * the same share of its price as what lies there.
     *
     * @param  list<array{goods: int, landed: int|null, pieces: int, floor: Floor|null}>  $lines  what the pieces of each
     *     are sold for and cost landed, in minor units; null where that isn't known
     * @return Money|null null where delivery is free already, never is, or is better not held out
     */
    public static function missing(array $lines, SaleTerms $terms): ?Money
    {
        $free = $terms->freeOver?->minor;
        $goods = array_sum(array_column($lines, 'goods'));
        if ($free === null || $terms->charged->minor === 0 || $goods <= 0 || $goods >= $free) {
            return null;
        }
        $landed = 0;
        foreach ($lines as $line) {
            if ($line['landed'] === null) {
                return null;
            }
            $landed += $line['landed'];
        }
        [$keep, $receipts] = $terms->keep($free, Rounding::up($landed, $free, $goods));
        $least = 0;
        foreach ($lines as $line) {
            $least += self::least($line['floor'], $line['pieces'], Rounding::up($receipts, $line['goods'], $goods), $free, $goods);
        }

        return $keep >= $least ? $terms->charged->with($free - $goods) : null;
    }

    /**
     * What a line's share of the fuller basket has to keep; minor units.
     *
     * @param  int  $receipts  of that share
     */
    private static function least(?Floor $floor, int $pieces, int $receipts, int $free, int $goods): int
    {
        if ($floor === null) {
            return 0;
        }

        // An amount is for each piece, and there are more of them.
        return $floor->keep === null ? $floor->least($receipts) : Rounding::up($floor->keep->minor * $pieces, $free, $goods);
    }
}
