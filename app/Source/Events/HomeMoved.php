<?php

declare(strict_types=1);

namespace WindowStall\Source\Events;

use WindowStall\Stall\Stall;

/** The stall sells to another country first, and what goods cost landed there is known. */
final readonly class HomeMoved
{
    public function __construct(public Stall $stall)
    {
    }
}
