<?php

declare(strict_types=1);

namespace WindowStall\Source\Jobs;

use WindowStall\Runs\Run;
use WindowStall\Runs\RunJob;
use WindowStall\Source\Events\MarketLanded;
use WindowStall\Source\Landing\LandItems;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;

/** A run in which everything is landed in a country. */
abstract class LandingRun extends RunJob
{
    protected static function queueName(): string
    {
        return 'pulls';
    }

    /** Lands all items there, telling how far it is, and has the prices made that follow from it. */
    protected function land(Run $run, Stall $stall, string $market): void
    {
        $run->update(['total' => SupplierItem::of($stall)->whereNull('gone_at')->count()]);
        app(LandItems::class)(
            $stall,
            markets: [$market],
            progress: function (int $done) use ($run): void {
                $run->stopIfCancelled();
                $run->update(['done' => $done]);
            },
        );
        $stall->marketsLanded($market);
        event(new MarketLanded($stall, $market));
    }
}
