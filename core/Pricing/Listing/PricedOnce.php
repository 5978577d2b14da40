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
     */
    public function __construct(public ?int $price, public ?int $keep, public ?int $marginBp, public bool $underFloor)
    {
    }
}
