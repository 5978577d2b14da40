<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Recipe;

/** What the conditions of recipes look at in a variant. */
final readonly class PricedGoods
{
    /**
     * @param  int  $supplier  whichever connection sells it
     * @param  list<string>  $tags
     * @param  int  $goods  its unit cost in minor units of the stall's currency
     * @param  int  $grams  its weight
     * @param  string  $market  ISO 3166 country
     * @param  list<string>  $methods  codes of the print methods it can be had in
     */
    public function __construct(
        public int $supplier,
        public string $type,
        public array $tags,
        public int $goods,
        public int $grams,
        public string $market,
        public array $methods = [],
    ) {
    }

    /** The same at another cost. */
    public function costing(int $goods): self
    {
        return new self(
            $this->supplier,
            $this->type,
            $this->tags,
            $goods,
            $this->grams,
            $this->market,
            $this->methods,
        );
    }
}
