<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Jobs;

use WindowStall\Bench\Jobs\StepJob;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Shelves\RenameFiling;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;

/** Renames a tag or a type that many listings have. */
final class RenameMany extends StepJob
{
    protected function step(Stall $stall, ?User $by, array $said): ?BenchChange
    {
        return app(RenameFiling::class)($stall, $by, $said['kind'], $said['from'], $said['to'])->step;
    }
}
