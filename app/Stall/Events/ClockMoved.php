<?php

declare(strict_types=1);

namespace WindowStall\Stall\Events;

use WindowStall\Stall\Stall;

/** The stall goes by the clock of another place: its days begin and end at other times. */
final readonly class ClockMoved
{
    public function __construct(public Stall $stall)
    {
    }
}
