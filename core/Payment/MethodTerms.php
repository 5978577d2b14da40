<?php

declare(strict_types=1);

namespace WindowStall\Core\Payment;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;

/** To whom a stall offers a way to pay, and what its payment service takes of it. */
final readonly class MethodTerms
{
    /**
     * @param  list<string>  $countries  where it goes, ISO 3166-1; none: everywhere
     * @param  Money|null  $least  offered from a total of this much on
     * @param  Money|null  $most  and up to this much
     * @param  Rate|null  $fee  of what is paid; null: as the cost sheet has it
     * @param  Money|null  $fixed  on each payment; null: as the cost sheet has it
     */
    public function __construct(
        public PayMethod $method,
        public bool $on,
        public array $countries = [],
        public ?Money $least = null,
        public ?Money $most = null,
        public ?Rate $fee = null,
        public ?Money $fixed = null,
    ) {
    }

    /** @param  Money  $total  in the currency of the bounds */
    public function isOffered(string $country, Money $total): bool
    {
        return $this->on
            && ($this->countries === [] || in_array($country, $this->countries, true))
            && ($this->least === null || $total->compare($this->least) >= 0)
            && ($this->most === null || $total->compare($this->most) <= 0);
    }
}
