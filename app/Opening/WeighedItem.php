<?php

declare(strict_types=1);

namespace WindowStall\Opening;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Opening\Proposable;

/** A supplier's item with what the stall's recipe makes of it. */
final readonly class WeighedItem
{
    /** @param  Money  $price  the least any of its variants would cost */
    public function __construct(public Proposable $as, public Money $price)
    {
    }
}
