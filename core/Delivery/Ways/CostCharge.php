<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Ways;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Money\Rounding;
use WindowStall\Core\Pricing\Recipe\Ending;

/** What sending it costs the stall, times something, plus something, to an ending. */
final readonly class CostCharge implements Charge
{
    /** @param  int  $times  millionths: 1,250,000 for a quarter more */
    public function __construct(public int $times, public Money $plus, public ?Ending $ending = null)
    {
    }

    /** @throws \WindowStall\Core\Pricing\Recipe\EndingOutOfRange */
    public function of(Load $load): ?Money
    {
        if ($load->cost === null) {
            return null;
        }
        $asked = $this->plus->with($this->plus->minor + Rounding::up($load->cost->minor, $this->times, Rate::WHOLE));

        return $this->ending?->of($asked) ?? $asked;
    }

    /** @throws \WindowStall\Core\Pricing\Recipe\EndingOutOfRange */
    public function least(): Money
    {
        return $this->ending?->of($this->plus) ?? $this->plus;
    }
}
