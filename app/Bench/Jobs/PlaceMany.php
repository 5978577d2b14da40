<?php

declare(strict_types=1);

namespace WindowStall\Bench\Jobs;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\Placement;
use WindowStall\Bench\PutInWindow;
use WindowStall\Core\Bench\Lack;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunJob;
use WindowStall\Stall\Stall;

/**
 * Puts many listings in the window, a few at a time so that it can be watched and stopped; those that can't be shown
 * say why.
 */
final class PlaceMany extends RunJob
{
    private const CHUNK = 10;

    protected static function queueName(): string
    {
        return 'runs';
    }

    public function handle(PutInWindow $put): void
    {
        $run = Run::query()->find($this->runId);
        if ($run === null) {
            return;
        }
        /** @var list<int> $ids */
        $ids = $run->subject['listings'] ?? [];
        $stall = Stall::query()->with('rates')->findOrFail($run->stall_id);
        $run->perform(
            'Putting in the window',
            function () use ($run, $stall, $ids, $put): void {
                $run->update(['total' => count($ids)]);
                foreach (array_chunk($ids, self::CHUNK) as $some) {
                    $run->stopIfCancelled();
                    $placement = $put($stall, Listing::of($stall)->whereKey($some)->get());
                    $this->note($run, $placement);
                    $run->update([
                        'done' => $run->done + count($some),
                        'rejects' => $run->rejects + count($placement->left),
                        'counts' => ['placed' => ($run->counts['placed'] ?? 0) + count($placement->placed)],
                    ]);
                }
            },
            'Something went wrong here. It has been noted; what is in the window already stays there.',
        );
    }

    /** Those that can't be shown yet, each with why. */
    private function note(Run $run, Placement $placement): void
    {
        foreach ($placement->left as ['listing' => $listing, 'lacks' => $lacks]) {
            DB::table('run_rejects')->insert([
                'run_id' => $run->id,
                'row' => $listing->id,
                'column' => $lacks[0]->place->value,
                'value' => mb_substr($listing->shown_title, 0, 200),
                'reason' => mb_substr(implode(' ', array_map(static fn (Lack $l): string => $l->words, $lacks)), 0, 200),
            ]);
        }
    }
}
