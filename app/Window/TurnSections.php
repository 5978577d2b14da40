<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Stall\Events\ClockMoved;

/** Listens to ClockMoved: sections turn by the new clock. */
final readonly class TurnSections
{
    public function __construct(private DressWindow $dress)
    {
    }

    public function handle(ClockMoved $moved): void
    {
        $this->dress->turn($moved->stall);
    }
}
