<?php

declare(strict_types=1);

namespace WindowStall\Delivery;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Tax\TaxClass;
use WindowStall\Stall\Stall;

/** So many pieces of goods that are asked to be sent. */
final readonly class WantedLine
{
    /**
     * @param  int  $source  the supplier's variant that they come from
     * @param  Money  $price  what all the pieces are sold for, in the stall's currency
     * @param  list<string>  $tags  of their listing
     * @param  Money|null  $shown  the same as their market shows it; null where nobody is shown it
     * @param  TaxClass  $taxClass  how they are taxed
     * @param  int  $listing  that they belong to, with their variant; 0 where that isn't asked for
     */
    public function __construct(
        public int $source,
        public string $name,
        public int $pieces,
        public Money $price,
        public array $tags,
        public ?Money $shown = null,
        public TaxClass $taxClass = TaxClass::Standard,
        public int $listing = 0,
        public int $variant = 0,
    ) {
    }

    /** The same with something taken off; minor units as its market shows them. */
    public function less(Stall $stall, int $off): self
    {
        $shown = $this->shown ?? $stall->seen()->show($this->price);
        $left = $shown->with($shown->minor - $off);

        return $off === 0 ? $this : new self(
            $this->source,
            $this->name,
            $this->pieces,
            $stall->seen()->worth($left),
            $this->tags,
            $left,
            $this->taxClass,
            $this->listing,
            $this->variant,
        );
    }
}
