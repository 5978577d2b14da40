<?php

declare(strict_types=1);

namespace WindowStall\Bench\Patch;

use WindowStall\Bench\Undo\BenchChange;

/** What came of patches: the step they are, or none where nothing differed. */
final readonly class Patched
{
    /** @param  array<int, ListingPatch>  $patches  what was written, by listing */
    public function __construct(public ?BenchChange $step, public array $patches)
    {
    }
}
