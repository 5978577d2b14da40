<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Jobs;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Bench\ListingVariant;
use WindowStall\Pricing\PriceListings;
use WindowStall\Source\Run;
use WindowStall\Stall\Stall;

/** Makes a large stall's price lists anew. */
final class RepriceStall implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 1800;

    public function __construct(public readonly int $runId)
    {
        $this->onQueue('runs');
    }

    public function handle(PriceListings $price): void
    {
        $run = Run::query()->find($this->runId);
        if ($run === null) {
            return;
        }
        $stall = Stall::query()->findOrFail($run->stall_id);
        $run->perform('Pricing every variant', function () use ($run, $stall, $price): void {
            $run->update(['total' => count($stall->markets()) * ListingVariant::query()->whereHas('listing', fn ($q) => $q->where('stall_id', $stall->id))->count()]);
            $moved = $price($stall, progress: function (int $done) use ($run): void {
                $run->stopIfCancelled();
                $run->update(['done' => $done]);
            });
            $run->update(['counts' => ['changed' => $moved]]);
            $stall->bumpShop();
        }, 'Something went wrong here. It has been noted; press “Price everything again” on the cost sheet.');
    }
}
