<?php

declare(strict_types=1);

namespace WindowStall\Drift\Digest;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Carbon;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;

/** Sends the digests whose hour has come. */
final class SendDigests implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    private const AT_ONCE = 200;

    public int $tries = 1;

    public int $timeout = 120;

    public int $uniqueFor = 120;

    public function handle(SendDigest $send): void
    {
        $due = [Carbon::now()->toIso8601String(), self::AT_ONCE];
        OneStall::each('digests_due', $due, static function (int $stall) use ($send): void {
            $send(Stall::query()->findOrFail($stall));
        });
    }
}
