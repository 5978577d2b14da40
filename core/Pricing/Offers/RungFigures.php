<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Offers;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Sale\Till;

/** What a rung of a ladder comes to. */
final readonly class RungFigures
{
    /**
     * @param  int  $pieces  from which it counts
     * @param  Till  $till  one sale of so many pieces
     * @param  int  $anyway  of 10,000 buyers, how many take as many without the ladder
     * @param  int|null  $mustClimb  of 10,000 buyers, how many must climb to it for it to pay; null where climbing
     *     brings nothing
     * @param  bool  $keepsLess  than the rung below
     */
    public function __construct(
        public int $pieces,
        public Till $till,
        public int $anyway,
        public ?int $mustClimb,
        public bool $keepsLess,
        public bool $underFloor,
    ) {
    }

    /** Rounded half up. */
    public function perPiece(): Money
    {
        return Money::rounded($this->till->price->rational()->dividedBy($this->pieces), $this->till->price->currency);
    }
}
