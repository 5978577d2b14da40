<?php

declare(strict_types=1);

namespace WindowStall\Window\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;
use WindowStall\Window\DressWindow;

/** Publishes the windows whose time has come, and makes pages anew on which something begins or ends today. */
final class TurnWindows implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    private const AT_ONCE = 100;

    public int $tries = 1;

    public int $timeout = 60;

    public int $uniqueFor = 60;

    public function handle(DressWindow $dress): void
    {
        OneStall::each('windows_to_turn', [now(), self::AT_ONCE], static function (int $stall) use ($dress): void {
            $dress->turn(Stall::query()->findOrFail($stall));
        });
    }
}
