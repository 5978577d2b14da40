<?php

declare(strict_types=1);

namespace WindowStall\Stall\Events;

use WindowStall\Stall\Stall;
use WindowStall\Stall\User;

/** Somebody wants another country to be the one the stall sells to first; it becomes so once goods are landed there. */
final readonly class HomeWanted
{
    public function __construct(public Stall $stall, public string $market, public ?User $by)
    {
    }
}
