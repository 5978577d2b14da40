<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Listing;

/** A variant's price and what one sale at it keeps; minor units, null where there is none. */
final readonly class PricedOnce
{
    /**
     * @param  int|null  $price  in minor units of the stall’s currency
     * @param  int|null  $keep  in minor units
     * @param  int|null  $marginBp  in basis points
     * @param  int  $recipe  the stall's recipe that makes the price; 0 for none of them
     * @param  int|null  $goods  what the goods alone cost, in minor units
     */
    public function __construct(
        public ?int $price,
        public ?int $keep,
        public ?int $marginBp,
        public bool $underFloor,
        public int $recipe = 0,
        public ?int $goods = null,
    ) {
    }
}
