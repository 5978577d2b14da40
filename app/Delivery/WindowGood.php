<?php

declare(strict_types=1);

namespace WindowStall\Delivery;

use WindowStall\Core\Money\Money;

/** Goods in the window, by the variant that stands for them. */
final readonly class WindowGood
{
    /**
     * @param  int  $variant  of its listing
     * @param  int  $source  the supplier's variant that is sold
     * @param  Money  $price  in the stall's currency
     * @param  list<string>  $tags
     * @param  string  $type  what it is; "" where that isn't said
     * @param  Money  $shown  the price as its market shows it
     */
    public function __construct(
        public int $listing,
        public int $variant,
        public int $source,
        public string $title,
        public Money $price,
        public array $tags,
        public string $type,
        public Money $shown,
    ) {
    }

    public function wanted(int $pieces = 1): WantedLine
    {
        return new WantedLine($this->source, $this->title, $pieces, $this->price->times($pieces), $this->tags);
    }
}
