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
     * @param  list<string>  $tags
     */
    public function __construct(
        public int $listing,
        public int $variant,
        public int $source,
        public string $title,
        public Money $price,
        public array $tags,
    ) {
    }

    public function wanted(int $pieces = 1): WantedLine
    {
        return new WantedLine($this->source, $this->title, $pieces, $this->price->times($pieces), $this->tags);
    }
}
