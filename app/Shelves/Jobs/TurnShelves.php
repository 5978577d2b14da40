<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Shelves\FillShelves;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;

/** Works in what somebody who was killed left waiting, and what the calendar alone moves, every hour. */
final class TurnShelves implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    private const AT_ONCE = 100;

    public int $tries = 1;

    public int $timeout = 120;

    public int $uniqueFor = 120;

    public function handle(FillShelves $fill): void
    {
        $with = [now()->subMinute(), now()->subHour(), self::AT_ONCE];
        OneStall::each('shelves_to_fill', $with, static function (int $id) use ($fill): void {
            $stall = Stall::query()->findOrFail($id);
            $fill($stall);
            $fill->all($stall);
        });
    }
}
