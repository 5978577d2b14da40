<?php

declare(strict_types=1);

namespace WindowStall\Source\Jobs;

use WindowStall\Runs\Run;
use WindowStall\Runs\RunJob;
use WindowStall\Source\Events\MarketLanded;
use WindowStall\Source\Landing\LandItems;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;

/** Works out what everything costs landed in a market that is looked at for the first time. */
final class LandMarket extends RunJob
{
    protected static function queueName(): string
    {
        return 'pulls';
    }

    public function handle(LandItems $land): void
    {
        $run = Run::query()->find($this->runId);
        if ($run === null) {
            return;
        }
        $market = (string) ($run->subject['market'] ?? '');
        $stall = Stall::query()->with('rates')->findOrFail($run->stall_id);
        $run->perform(
            sprintf('Asking what delivery to %s costs', Stall::countrySaid($market)),
            function () use ($run, $stall, $market, $land): void {
                $run->update(['total' => SupplierItem::of($stall)->whereNull('gone_at')->count()]);
                $land(
                    $stall,
                    markets: [$market],
                    progress: function (int $done) use ($run): void {
                        $run->stopIfCancelled();
                        $run->update(['done' => $done]);
                    },
                );
                $stall->marketsLanded($market);
                event(new MarketLanded($stall, $market));
            },
            'Something went wrong here. It has been noted; choose the country again.',
        );
    }
}
