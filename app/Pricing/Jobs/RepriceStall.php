<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Jobs;

use WindowStall\Bench\ListingVariant;
use WindowStall\Pricing\PriceListings;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunJob;
use WindowStall\Stall\Stall;

/** Makes a large stall's price lists anew. */
final class RepriceStall extends RunJob
{
    protected static function queueName(): string
    {
        return 'runs';
    }

    public function handle(PriceListings $price): void
    {
        $run = Run::query()->find($this->runId);
        if ($run === null) {
            return;
        }
        $stall = Stall::query()->findOrFail($run->stall_id);
        $run->perform(
            'Pricing every variant',
            function () use ($run, $stall, $price): void {
                $run->update([
                    'total' => count($stall->soldTo()) *
                        ListingVariant::query()
                            ->whereHas('listing', fn ($q) => $q->where('stall_id', $stall->id))
                            ->count(),
                ]);
                $moved = $price(
                    $stall,
                    progress: function (int $done) use ($run): void {
                        $run->stopIfCancelled();
                        $run->update(['done' => $done]);
                    },
                );
                $run->update(['counts' => ['changed' => $moved]]);
            },
            'Something went wrong here. It has been noted; press “Price everything again” on the cost sheet.',
        );
    }
}
