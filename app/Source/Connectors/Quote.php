<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

/** One method a supplier offers for a parcel; the price in minor units of the supplier's currency, transit in working days. */
final readonly class Quote
{
    public function __construct(public string $method, public int $price, public int $daysMin, public int $daysMax)
    {
    }
}
