<?php

declare(strict_types=1);

namespace WindowStall\Offers\Events;

use WindowStall\Stall\Stall;

/** A set is there, isn't any more, or begins or ends at another time. */
final readonly class SetsMoved
{
    public function __construct(public Stall $stall)
    {
    }
}
