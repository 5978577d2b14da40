<?php

declare(strict_types=1);

namespace WindowStall\Drift\Jobs;

use WindowStall\Drift\Rehearsal\Rehearse;
use WindowStall\Drift\Rules\RuleBook;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunJob;
use WindowStall\Stall\Stall;

/**
 * Plays the last days again under rules that are tried; what comes of it is kept with the run.
 *
 * @phpstan-import-type RuleEdit from RuleBook
 */
final class RehearseRules extends RunJob
{
    protected static function queueName(): string
    {
        return 'runs';
    }

    public function handle(Rehearse $rehearse): void
    {
        $run = Run::query()->find($this->runId);
        if ($run === null) {
            return;
        }
        $stall = Stall::query()->findOrFail($run->stall_id);
        $run->perform('Playing the last days again', function () use ($run, $stall, $rehearse): void {
            $tried = RuleBook::of($stall);
            /** @var list<RuleEdit> $edits */
            $edits = (array) ($run->subject['edits'] ?? []);
            array_map($tried->edit(...), $edits);
            $progress = function (int $done, int $total) use ($run): void {
                $run->stopIfCancelled();
                $run->update(['done' => $done, 'total' => $total]);
            };
            $rehearsed = $rehearse($stall, RuleBook::of($stall), $tried, $progress);
            $run->update(['subject' => ['rehearsed' => $rehearsed->toArray()] + $run->subject]);
        }, 'Something went wrong here. It has been noted; try the rules again.');
    }
}
