<?php

declare(strict_types=1);

namespace WindowStall\Stall\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;
use WindowStall\Stall\TurnSign;

/** Opens the shops whose time has come. */
final class OpenOnTime implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    private const AT_ONCE = 200;

    public int $tries = 1;

    public int $timeout = 60;

    public int $uniqueFor = 60;

    public function handle(TurnSign $turn): void
    {
        OneStall::each('shops_to_open', [now()->format('Y-m-d H:i:s'), self::AT_ONCE], static function (int $id) use ($turn): void {
            $turn(Stall::query()->findOrFail($id), true);
        });
    }
}
