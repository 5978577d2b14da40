<?php

declare(strict_types=1);

namespace WindowStall\Core\Tax;

use Brick\Math\BigRational;
use WindowStall\Core\Money\Money;

/** A sales tax that stands inside the price, such as the 20% VAT of British shop prices. */
final readonly class IncludedTax
{
    /** @param  int  $rateBp basis points: 2000 for 20% */
    public function __construct(public int $rateBp)
    {
        if ($rateBp < 0 || $rateBp > 10_000) {
            throw new \InvalidArgumentException('A tax rate lies between 0% and 100%.');
        }
    }

    /** The tax within a gross amount G at rate t: G − G ÷ (1 + t), rounded half up once. */
    public function within(Money $gross): Money
    {
        $tax = $gross->rational()
            ->multipliedBy($this->rateBp)
            ->dividedBy(BigRational::of(10_000 + $this->rateBp));

        return Money::rounded($tax, $gross->currency);
    }
}
