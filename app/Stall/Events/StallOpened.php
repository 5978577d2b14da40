<?php

declare(strict_types=1);

namespace WindowStall\Stall\Events;

use WindowStall\Stall\Stall;

/** A stall was opened, with its terms; other areas furnish it, in the same transaction. */
final readonly class StallOpened
{
    public function __construct(public Stall $stall)
    {
    }
}
