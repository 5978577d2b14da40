<?php

declare(strict_types=1);

namespace WindowStall\Bench\Jobs;

use WindowStall\Bench\Patch\EditMany;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;

/** An edit of the grid that touches many listings. */
final class EditManyListings extends StepJob
{
    protected function step(Stall $stall, ?User $by, array $said): ?BenchChange
    {
        $edit = app(EditMany::class);

        $patched = match ($said['way']) {
            'cells' => $edit->cells($stall, $by, $said['cells']),
            'replace' => $edit->replace(
                $stall,
                $by,
                $said['listings'],
                $said['field'],
                $said['find'],
                (string) $said['with'],
            ),
            'tags' => $edit->tags($stall, $by, $said['listings'], $said['add'], $said['remove']),
            default => throw new \LogicException('There is no such way to edit many.'),
        };

        return $patched->step;
    }
}
