<?php

declare(strict_types=1);

namespace WindowStall\Bench\Events;

use WindowStall\Stall\Stall;

/** A step was taken back, and what its listings show and cost is worked out again. */
final readonly class StepReckoned
{
    public function __construct(public Stall $stall)
    {
    }
}
