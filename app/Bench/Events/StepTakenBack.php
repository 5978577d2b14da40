<?php

declare(strict_types=1);

namespace WindowStall\Bench\Events;

use WindowStall\Bench\Undo\BenchChange;

/**
 * Listings stand again as a step found them; told within the transaction that put them so, before those that the step made
 * go.
 */
final readonly class StepTakenBack
{
    /** @param  list<int>  $listings */
    public function __construct(public BenchChange $change, public array $listings)
    {
    }
}
