<?php

declare(strict_types=1);

namespace WindowStall\Runs\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Runs\SignOfLife;
use WindowStall\Stall\OneStall;

/**
 * Looks after runs that fell silent because whoever did them is gone (killed, stopped, a machine that went down): those
 * that can begin again are taken up, the others end with a sentence. Runs that wait although nobody will come for them
 * are set again.
 */
final class WatchRuns implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    /** A run that gave no sign of life for so long may be dead; seconds. */
    public const SILENCE = 60;

    /** A run that waited for so long may have lost its job; minutes. */
    private const FORGOTTEN = 10;

    private const AT_ONCE = 200;

    /** How often a run is taken up before it is given up. */
    private const MOST = 2;

    public int $tries = 1;

    public int $timeout = 60;

    public int $uniqueFor = 60;

    /** @param  int  $silence  seconds; 0 when no worker can be at work, as at the start */
    public function __construct(public readonly int $silence = self::SILENCE)
    {
    }

    /** One at once and one half a minute later are two. */
    public function uniqueId(): string
    {
        return is_int($this->delay) ? (string) $this->delay : '';
    }

    public function handle(): void
    {
        OneStall::each(
            'silent_runs',
            [$this->silence === 0 ? now()->addMinute() : now()->subSeconds($this->silence), self::AT_ONCE],
            $this->lookAfter(...),
        );
        OneStall::each(
            'forgotten_runs',
            [$this->silence === 0 ? now()->addMinute() : now()->subMinutes(self::FORGOTTEN), self::AT_ONCE],
            $this->setAgain(...),
        );
    }

    private function lookAfter(int $id): void
    {
        $run = Run::query()->find($id);
        if ($run === null || ! SignOfLife::gone($run)) {
            return;
        }
        if ($run->job !== null && $run->job::repeats() && $run->taken_up < self::MOST) {
            $again = Run::query()
                ->whereKey($run->id)
                ->where('state', RunState::Running)
                ->update([
                    'state' => RunState::Waiting,
                    'taken_up' => $run->taken_up + 1,
                    'doing' => 'Broke off; begins again',
                    'beat_at' => now(),
                ]);
            if ($again === 1) {
                dispatch(new $run->job($run->id));
            }

            return;
        }
        $why =
            'This broke off: whoever did it was stopped. What was done till then stays; start it again for the rest.';
        if ($run->end(RunState::Failed, $why) && $run->job !== null) {
            (new $run->job($run->id))->givenUp($run, $why);
        }
    }

    private function setAgain(int $id): void
    {
        $run = Run::query()->find($id);
        if ($run?->job !== null) {
            $run->update(['beat_at' => now()]);
            dispatch(new $run->job($run->id));
        }
    }
}
