<?php

declare(strict_types=1);

namespace WindowStall\Bench\Events;

use WindowStall\Stall\Stall;

/**
 * What listings show, ask or have may be another from here on. Told within the transaction that changes them, so that
 * whoever notes it notes it with the change or not at all.
 */
final readonly class ListingsChanged
{
    /** @param  list<int>|null  $listings  all of the stall's when null */
    public function __construct(public Stall $stall, public ?array $listings)
    {
    }
}
