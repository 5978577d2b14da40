<?php

declare(strict_types=1);

namespace WindowStall\Source\Events;

use WindowStall\Stall\Stall;

/** What all goods of a stall cost landed in a country is known now. */
final readonly class MarketLanded
{
    public function __construct(public Stall $stall, public string $market)
    {
    }
}
