<?php

declare(strict_types=1);

namespace WindowStall\Bench\Events;

use WindowStall\Bench\Undo\BenchChange;

/** Something was done to listings in one step; told within the transaction that did it. */
final readonly class StepTaken
{
    /**
     * @param  list<int>  $listings  that it touched
     * @param  list<int>  $made  and that it made
     */
    public function __construct(public BenchChange $change, public array $listings, public array $made)
    {
    }
}
