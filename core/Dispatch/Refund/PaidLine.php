<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Refund;

/** A line of an order as it was paid. */
final readonly class PaidLine
{
    /**
     * @param  int  $pieces  one or more
     * @param  int  $asked  what was asked for all of them, codes taken off, minor units
     * @param  int  $rate  of its tax, in millionths; one of the order's rates
     */
    public function __construct(public int $id, public int $pieces, public int $asked, public int $rate)
    {
    }
}
