<?php

declare(strict_types=1);

namespace WindowStall\Core\Tax;

/** Where tax is rounded to the smallest coin. */
enum TaxRounding: string
{
    case Order = 'order';
    case Line = 'line';

    public function words(): string
    {
        return match ($this) {
            self::Order => 'once for each rate of an order',
            self::Line => 'on each line',
        };
    }
}
