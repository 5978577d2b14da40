<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Recipe;

use WindowStall\Core\Landing\Cost;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rates;

/** What a recipe makes a price from. Variants of a listing that cost alike share one, and what is decided of it. */
final readonly class RecipeFacts
{
    /**
     * @param  Cost|null  $cost  what it costs to send; null where it isn't delivered to the market
     * @param  Rates  $held  the exchange rates the price stands on; what is kept goes by those of the day
     * @param  Money|null  $rrp  in the stall's currency
     * @param  Recipe|null  $own  the variant's own recipe, or its listing's
     * @param  Money|null  $follows  the home market's price, where prices here follow it
     */
    public function __construct(
        public ?Cost $cost,
        public PricedGoods $goods,
        public Rates $held,
        public ?Money $rrp = null,
        public ?Recipe $own = null,
        public ?Money $follows = null,
    ) {
    }
}
