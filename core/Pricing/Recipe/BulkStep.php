<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Recipe;

use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Sale\SaleTerms;

/** One thing done to many prices at once: times a factor, plus an amount, for a margin, or to an ending. */
final readonly class BulkStep
{
    /** @param  Step|null  $step  its cost is the price as it stands; null leaves the price but for its ending */
    public function __construct(private ?Step $step, private ?Ending $ending = null)
    {
    }

    /** @return Money|null null where no price does it */
    public function price(Money $now, Landed $landed, SaleTerms $terms): ?Money
    {
        $price =
            $this->step === null
                ? $now
                : $this->step->price($now, $landed->total, $terms, $this->ending?->toward === Toward::Up);

        return $price === null || $price->isNegative() ? null : $this->ending?->of($price) ?? $price;
    }
}
