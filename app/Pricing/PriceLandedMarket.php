<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use WindowStall\Source\Events\MarketLanded;

/** Listens to MarketLanded: a market that is sold to gets its price list. */
final readonly class PriceLandedMarket
{
    public function __construct(private PriceListings $price)
    {
    }

    public function handle(MarketLanded $landed): void
    {
        if (in_array($landed->market, $landed->stall->soldTo(), true)) {
            ($this->price)($landed->stall, markets: [$landed->market]);
        }
    }
}
