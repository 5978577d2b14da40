<?php

declare(strict_types=1);

namespace WindowStall\Bench\Jobs;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use Throwable;
use WindowStall\Bench\PutInWindow;
use WindowStall\Core\Said;
use WindowStall\Source\Run;
use WindowStall\Source\RunCancelled;
use WindowStall\Source\RunState;
use WindowStall\Stall\Stall;

/** Puts many listings in the window, a few at a time so that it can be watched and stopped; those that can't be shown say why. */
final class PlaceMany implements ShouldQueue
{
    use Queueable;

    private const CHUNK = 10;

    public int $tries = 1;

    public int $timeout = 1800;

    public function __construct(public readonly int $runId)
    {
        $this->onQueue('runs');
    }

    public function handle(PutInWindow $put): void
    {
        $run = Run::query()->find($this->runId);
        if ($run === null || $run->state !== RunState::Waiting) {
            return;
        }
        /** @var list<int> $ids */
        $ids = $run->subject['listings'] ?? [];
        $stall = Stall::query()->with('rates')->findOrFail($run->stall_id);
        $run->update(['state' => RunState::Running, 'started_at' => now(), 'doing' => 'Putting in the window', 'total' => count($ids)]);
        try {
            foreach (array_chunk($ids, self::CHUNK) as $some) {
                $run->stopIfCancelled();
                $placement = $put($stall, $stall->listings()->whereKey($some)->get());
                foreach ($placement->left as ['listing' => $listing, 'lacks' => $lacks]) {
                    DB::table('run_rejects')->insert(['run_id' => $run->id, 'row' => $listing->id, 'column' => mb_substr($lacks[0]->place->value, 0, 120), 'value' => mb_substr($listing->shown_title, 0, 200), 'reason' => mb_substr(implode(' ', array_map(static fn ($l): string => $l->words, $lacks)), 0, 200)]);
                }
                $run->update(['done' => $run->done + count($some), 'rejects' => $run->rejects + count($placement->left), 'counts' => ['placed' => ($run->counts['placed'] ?? 0) + count($placement->placed)]]);
            }
            $run->update(['state' => RunState::Done, 'ended_at' => now(), 'doing' => '']);
        } catch (RunCancelled) {
            $run->update(['ended_at' => now()]);
        } catch (Throwable $e) {
            $run->update(['state' => RunState::Failed, 'ended_at' => now(), 'trouble' => $e instanceof Said ? $e->getMessage() : 'Something went wrong here. It has been noted; what is in the window already stays there.']);
            $e instanceof Said || report($e);
        }
    }
}
