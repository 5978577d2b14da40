<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Ways;

use WindowStall\Core\Money\Money;

/** The same, whatever is sent. */
final readonly class FlatCharge implements Charge
{
    public function __construct(public Money $amount)
    {
    }

    public function of(Load $load): Money
    {
        return $this->amount;
    }

    public function least(): Money
    {
        return $this->amount;
    }
}
