<?php

declare(strict_types=1);

namespace WindowStall\Delivery;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Tax\TaxClass;

/** So many pieces of goods that are asked to be sent. */
final readonly class WantedLine
{
    /**
     * @param  int  $source  the supplier's variant that they come from
     * @param  Money  $price  what all the pieces are sold for, in the stall's currency
     * @param  list<string>  $tags  of their listing
     * @param  Money|null  $shown  the same as their market shows it; null where nobody is shown it
     * @param  TaxClass  $taxClass  how they are taxed
     */
    public function __construct(
        public int $source,
        public string $name,
        public int $pieces,
        public Money $price,
        public array $tags,
        public ?Money $shown = null,
        public TaxClass $taxClass = TaxClass::Standard,
    ) {
    }
}
