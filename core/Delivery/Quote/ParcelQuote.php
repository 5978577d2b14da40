<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Quote;

use WindowStall\Core\Delivery\ArrivalDates;
use WindowStall\Core\Delivery\Ways\Load;

/** What one warehouse sends together, by which method, and between which days it is there. */
final readonly class ParcelQuote
{
    /**
     * @param  non-empty-list<int>  $lines  where its goods stand in the basket, from nought
     * @param  string  $warehouse  ISO 3166-1
     * @param  list<ShippingMethod>  $others  further methods it could go by
     * @param  bool  $tooDear  whether none was quick for so little as the way allows
     */
    public function __construct(
        public array $lines,
        public int $supplier,
        public string $warehouse,
        public Load $load,
        public ShippingMethod $method,
        public array $others,
        public bool $tooDear,
        public ArrivalDates $dates,
    ) {
    }
}
