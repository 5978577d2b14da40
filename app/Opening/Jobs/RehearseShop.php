<?php

declare(strict_types=1);

namespace WindowStall\Opening\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Opening\Rehearsal\Rehearsal;
use WindowStall\Opening\Rehearsal\Rehearse;
use WindowStall\Stall\Stall;

/** Carries one rehearsal out. It isn't begun a second time: one that broke off says so, and the next clears up after it. */
final class RehearseShop implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 540;

    public int $uniqueFor = 600;

    public function __construct(public readonly int $rehearsalId)
    {
        $this->onQueue('runs');
    }

    public function uniqueId(): string
    {
        return (string) $this->rehearsalId;
    }

    public function handle(Rehearse $rehearse): void
    {
        $rehearsal = Rehearsal::query()->whereNull('ended_at')->find($this->rehearsalId);
        if ($rehearsal !== null) {
            $rehearse(Stall::query()->with(['rates', 'languageRows', 'marketRows'])->findOrFail($rehearsal->stall_id), $rehearsal);
        }
    }
}
