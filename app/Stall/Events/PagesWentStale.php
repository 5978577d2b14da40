<?php

declare(strict_types=1);

namespace WindowStall\Stall\Events;

/** What shoppers see of a stall has changed, and that change is committed: its stale pages can be thrown away. */
final readonly class PagesWentStale
{
    public function __construct(public int $stall)
    {
    }
}
