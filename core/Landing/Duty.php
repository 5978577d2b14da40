<?php

declare(strict_types=1);

namespace WindowStall\Core\Landing;

use WindowStall\Core\Money\Rate;

/** What a market's customs take of goods that come to it. */
final readonly class Duty
{
    public function __construct(public Rate $rate, public DutyBase $on = DutyBase::GoodsAndDelivery)
    {
    }

    public static function none(): self
    {
        return new self(Rate::none());
    }
}
