<?php

declare(strict_types=1);

namespace WindowStall\Core\Landing;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;

/** One way a supplier can get one piece of a variant to the market: from a warehouse, by a method, at a price. */
final readonly class Offer
{
    /**
     * @param  int  $stock  pieces
     * @param  Money  $delivery what the supplier asks for a parcel with one piece, in the supplier's currency
     * @param  Money|null  $further  what each further piece adds to that; null where the supplier doesn't say, and then
     *     as much again
     */
    public function __construct(
        public string $warehouse,
        public string $method,
        public Money $delivery,
        public DayRange $days,
        public int $stock,
        public ?Money $further = null,
    ) {
    }
}
