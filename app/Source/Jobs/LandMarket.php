<?php

declare(strict_types=1);

namespace WindowStall\Source\Jobs;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;
use WindowStall\Core\Said;
use WindowStall\Source\LandItems;
use WindowStall\Source\Run;
use WindowStall\Source\RunCancelled;
use WindowStall\Source\RunState;
use WindowStall\Stall\Stall;

/** Works out what everything costs landed in a market that is looked at for the first time. */
final class LandMarket implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 1800;

    public function __construct(public readonly int $runId)
    {
        $this->onQueue('pulls');
    }

    public function handle(LandItems $land): void
    {
        $run = Run::query()->find($this->runId);
        if ($run === null || $run->state !== RunState::Waiting) {
            return;
        }
        $market = (string) ($run->subject['market'] ?? '');
        $stall = Stall::query()->with('rates')->findOrFail($run->stall_id);
        $run->update(['state' => RunState::Running, 'started_at' => now(), 'doing' => sprintf('Asking what delivery to %s costs', Stall::countryName($market)), 'total' => $stall->items()->whereNull('gone_at')->count()]);
        try {
            $land($stall, markets: [$market], progress: function (int $done) use ($run): void {
                $run->stopIfCancelled();
                $run->update(['done' => $done]);
            });
            $stall->marketsLanded($market);
            $run->update(['state' => RunState::Done, 'ended_at' => now(), 'doing' => '']);
        } catch (RunCancelled) {
            $run->update(['ended_at' => now()]);
        } catch (Throwable $e) {
            $run->update(['state' => RunState::Failed, 'ended_at' => now(), 'trouble' => $e instanceof Said ? $e->getMessage() : 'Something went wrong here. It has been noted; choose the country again.']);
            if (! $e instanceof Said) {
                report($e);
            }
        }
    }
}
