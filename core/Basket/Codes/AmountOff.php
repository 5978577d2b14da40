<?php

declare(strict_types=1);

namespace WindowStall\Core\Basket\Codes;

use WindowStall\Core\Money\Money;

/** So much off all of them together, and no more than they come to. */
final readonly class AmountOff implements Reduction
{
    public function __construct(public Money $amount)
    {
    }

    public function of(array $lines): int
    {
        return min($this->amount->minor, DiscountedLine::sum($lines));
    }

    public function turn(): int
    {
        return 4;
    }
}
