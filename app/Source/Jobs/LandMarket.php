<?php

declare(strict_types=1);

namespace WindowStall\Source\Jobs;

use WindowStall\Runs\Run;
use WindowStall\Stall\Stall;

/** Works out what everything costs landed in a market that is looked at for the first time. */
final class LandMarket extends LandingRun
{
    public function handle(): void
    {
        $run = Run::query()->find($this->runId);
        if ($run === null) {
            return;
        }
        $market = (string) ($run->subject['market'] ?? '');
        $stall = Stall::query()->with('rates')->findOrFail($run->stall_id);
        $run->perform(
            sprintf('Asking what delivery to %s costs', Stall::countrySaid($market)),
            fn () => $this->land($run, $stall, $market),
            'Something went wrong here. It has been noted; choose the country again.',
        );
    }
}
