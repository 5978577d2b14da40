<?php

declare(strict_types=1);

namespace WindowStall\Core\Tax;

use WindowStall\Core\Money\Rate;

/** What is asked for some goods, or for their delivery, and the rate it bears. */
final readonly class TaxedLine
{
    /** @param  int  $asked  minor units, as the shop shows them */
    public function __construct(public int $asked, public Rate $rate)
    {
    }
}
