<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift\Rehearsal;

/** A variant's price at home on a day of the rehearsal, and what one sale of it keeps. */
final readonly class Priced
{
    /**
     * @param  int  $price  minor units
     * @param  int|null  $keep  minor units; null where it isn't delivered
     * @param  bool  $underFloor  whether that is less than its recipe's floor asks, and the seller didn't allow it
     */
    public function __construct(public int $price, public ?int $keep, public bool $underFloor)
    {
    }
}
