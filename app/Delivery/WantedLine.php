<?php

declare(strict_types=1);

namespace WindowStall\Delivery;

use WindowStall\Core\Money\Money;

/** So many pieces of goods that are asked to be sent. */
final readonly class WantedLine
{
    /**
     * @param  int  $source  the supplier's variant that they come from
     * @param  Money  $price  what all the pieces are sold for, in the stall's currency
     * @param  list<string>  $tags  of their listing
     */
    public function __construct(
        public int $source,
        public string $name,
        public int $pieces,
        public Money $price,
        public array $tags,
    ) {
    }
}
