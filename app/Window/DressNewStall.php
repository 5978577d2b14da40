<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Stall\Events\StallOpened;

/** Listens to StallOpened: the first window is dressed. */
final readonly class DressNewStall
{
    public function __construct(private StartWindow $start)
    {
    }

    public function handle(StallOpened $opened): void
    {
        ($this->start)($opened->stall);
    }
}
