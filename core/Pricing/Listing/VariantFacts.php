<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Listing;

use WindowStall\Core\Money\ExchangeRate;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Recipe\RecipeFacts;

/** A variant to be priced: what its price is made from, and what is its alone. */
final readonly class VariantFacts
{
    /**
     * @param  int  $id  the variant’s number
     * @param  Money|null  $hand  a price set by hand, in the stall's currency
     * @param  ExchangeRate|null  $shownBy  turns prices into the market's currency, as this one froze it; null where
     *     that is the stall's
     * @param  string  $step  its value of the option that prices step by
     */
    public function __construct(
        public int $id,
        public RecipeFacts $from,
        public ?Money $hand = null,
        public ?ExchangeRate $shownBy = null,
        public string $step = '',
    ) {
    }
}
