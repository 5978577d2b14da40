<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

/** The listings that one was split into. */
final readonly class SplitDoneView
{
    /** @param  list<int>  $listings  by their numbers, the one that was split first */
    public function __construct(public array $listings, public int $change)
    {
    }
}
