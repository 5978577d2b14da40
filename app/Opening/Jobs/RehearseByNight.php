<?php

declare(strict_types=1);

namespace WindowStall\Opening\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Opening\Rehearsal\BeginRehearsal;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;

/** Has open shops rehearsed once a night, in the hour when it is night where they are. */
final class RehearseByNight implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    /** From three to four o'clock. */
    public const HOUR = 3;

    /** Hours after which one is due again. */
    private const AGAIN = 20;

    /** A minute; each is seconds of work for those who do runs, and people's own runs aren't to wait for them. */
    private const AT_ONCE = 6;

    public int $tries = 1;

    public int $timeout = 60;

    public int $uniqueFor = 60;

    public function handle(BeginRehearsal $begin): void
    {
        $with = [now()->format('Y-m-d H:i:s'), now()->subHours(self::AGAIN)->format('Y-m-d H:i:s'), self::HOUR, self::AT_ONCE];
        OneStall::each('shops_to_rehearse', $with, static fn (int $id) => $begin(Stall::query()->findOrFail($id), byNight: true));
    }
}
