<?php

declare(strict_types=1);

namespace WindowStall\Bench\Jobs;

use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Bench\Undo\Undo;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunJob;
use WindowStall\Stall\Stall;

/** Takes a step back that touched many listings. */
final class UndoStep extends RunJob
{
    protected static function queueName(): string
    {
        return 'runs';
    }

    public function handle(Undo $undo): void
    {
        $run = Run::query()->find($this->runId);
        if ($run === null) {
            return;
        }
        $stall = Stall::query()->with('rates')->findOrFail($run->stall_id);
        $run->perform(
            'Taking back',
            static function () use ($run, $stall, $undo): void {
                $change = BenchChange::query()
                    ->where('stall_id', $stall->id)
                    ->findOrFail((int) ($run->subject['change'] ?? 0));
                $run->update(['total' => $undo->size($stall, $change)]);
                $undo->take(
                    $stall,
                    $change,
                    progress: static function (int $done) use ($run): void {
                        $run->update(['done' => $done]);
                    },
                );
            },
            'Something went wrong here. It has been noted; try to take it back again.',
        );
    }
}
