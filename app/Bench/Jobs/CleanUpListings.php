<?php

declare(strict_types=1);

namespace WindowStall\Bench\Jobs;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\CleanUp;
use WindowStall\Bench\CleanWay;
use WindowStall\Bench\Listing;
use WindowStall\Bench\Writing\Draft;
use WindowStall\Bench\Writing\DraftListing;
use WindowStall\Bench\Writing\Manner;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunJob;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/**
 * Cleans many listings up. Drafts are asked for first, listing by listing, with nothing locked; then all is written as one
 * step, once however often the job is begun, since that it was done is written with it.
 */
final class CleanUpListings extends RunJob
{
    protected static function queueName(): string
    {
        return 'runs';
    }

    public function handle(CleanUp $clean, DraftListing $draft): void
    {
        $run = Run::query()->find($this->runId);
        if ($run === null) {
            return;
        }
        $stall = Stall::query()->with('rates')->findOrFail($run->stall_id);
        $run->perform(
            'Cleaning listings up',
            function () use ($run, $stall, $clean, $draft): void {
                if (isset($run->subject['change'])) {
                    return;
                }
                /** @var list<int> $ids */
                $ids = $run->subject['listings'] ?? [];
                $ways = array_map(CleanWay::from(...), array_values((array) ($run->subject['ways'] ?? [])));
                $drafts = in_array(CleanWay::Drafts, $ways, true) ? $this->drafts($run, $stall, $ids, $draft) : [];
                DB::transaction(function () use ($run, $stall, $clean, $ids, $ways, $drafts): void {
                    $by = User::query()->find((int) $run->getAttribute('user_id'));
                    $step = $clean($stall, $by, $ids, $ways, $drafts);
                    $run->update(['subject' => ['change' => $step->id ?? 0] + $run->subject, 'done' => count($ids)]);
                });
            },
            'Something went wrong here. It has been noted; nothing was changed.',
        );
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, Draft> of those that the writing help could write of
     */
    private function drafts(Run $run, Stall $stall, array $ids, DraftListing $draft): array
    {
        $run->update(['total' => count($ids)]);
        $drafts = [];
        foreach (array_chunk($ids, 20) as $n => $some) {
            $run->stopIfCancelled();
            foreach (Listing::of($stall)->with(Listing::FOR_FIGURES)->whereKey($some)->get() as $listing) {
                try {
                    $drafts[$listing->id] = $draft->ask($stall, $listing, Manner::Plain);
                } catch (Refusal) {
                    // What can't be written of stays as it is; its lack is said on the bench.
                }
            }
            $run->update(['done' => min(count($ids), ($n + 1) * 20)]);
        }

        return $drafts;
    }
}
