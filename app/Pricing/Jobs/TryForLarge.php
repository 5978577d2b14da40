<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Pricing\PricingChange;
use WindowStall\Pricing\TryPricing;
use WindowStall\Stall\Stall;

/** Works a trial out where there are too many variants to wait for. */
final class TryForLarge implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 600;

    public function __construct(public readonly int $changeId)
    {
        $this->onQueue('runs');
    }

    public int $uniqueFor = 600;

    public function uniqueId(): string
    {
        return (string) $this->changeId;
    }

    public function handle(TryPricing $try): void
    {
        $trial = PricingChange::query()->whereNull('applied_at')->find($this->changeId);
        if ($trial !== null) {
            $try->keep(Stall::query()->findOrFail($trial->stall_id), $trial);
        }
    }
}
