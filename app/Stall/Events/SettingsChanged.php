<?php

declare(strict_types=1);

namespace WindowStall\Stall\Events;

use WindowStall\Stall\Stall;

/** Where a stall sells or what its sales bear was changed; figures made from it are made anew in the same transaction. */
final readonly class SettingsChanged
{
    public function __construct(public Stall $stall)
    {
    }
}
