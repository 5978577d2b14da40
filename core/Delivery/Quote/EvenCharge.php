<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Quote;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Sale\SaleTerms;

/** What would have to be charged for delivery so that a sale costs nothing. */
final class EvenCharge
{
    /** Above so many times the landed cost no charge is worth naming. */
    private const MOST = 3;

    /**
     * @param  Money  $landed  what the sale costs, delivery included
     * @return Money|null the least charge, in whole minor units; null where none does within three times the landed cost
     */
    public static function of(SaleTerms $terms, Money $price, Money $landed): ?Money
    {
        $keeps = static fn (int $charge): bool => $terms->charging($price->with($charge))->keep($price->minor, $landed->minor)[0] >= 0;
        [$low, $high] = [0, self::MOST * $landed->minor];
        if (! $keeps($high)) {
            return null;
        }
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $keeps($middle) ? $high = $middle : $low = $middle + 1;
        }

        return $price->with($low);
    }
}
