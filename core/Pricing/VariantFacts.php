<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing;

use WindowStall\Core\Landing\Cost;
use WindowStall\Core\Money\ExchangeRate;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rates;

/** What a variant's price is made from. */
final readonly class VariantFacts
{
    /**
     * @param  Cost|null  $cost  what it costs to send; null where it isn't delivered to the market
     * @param  Rates  $held  the exchange rates its price stands on; what it keeps goes by those of the day
     * @param  Money|null  $rrp  in the stall's currency
     * @param  Money|null  $hand  a price set by hand, in the stall's currency
     * @param  Recipe|null  $own  its own recipe, or its listing's
     * @param  Money|null  $follows  the home market's price, where prices here follow it
     * @param  ExchangeRate|null  $shownBy  turns prices into the market's currency, as this one froze it; null where that is the stall's
     * @param  string  $step  its value of the option that prices step by
     */
    public function __construct(
        public int $id,
        public ?Cost $cost,
        public PricedGoods $goods,
        public Rates $held,
        public ?Money $rrp = null,
        public ?Money $hand = null,
        public ?Recipe $own = null,
        public ?Money $follows = null,
        public ?ExchangeRate $shownBy = null,
        public string $step = '',
    ) {
    }
}
