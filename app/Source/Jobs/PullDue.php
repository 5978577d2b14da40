<?php

declare(strict_types=1);

namespace WindowStall\Source\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Source\Pulling\StartPull;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\OneStall;

/**
 * Starts the pulls whose time has come, of all and of what moves fast. Paused and disconnected suppliers are left
 * alone.
 */
final class PullDue implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    private const AT_ONCE = 50;

    public int $tries = 1;

    public int $timeout = 60;

    public int $uniqueFor = 60;

    public function handle(StartPull $pull): void
    {
        OneStall::each('connections_due', [now(), self::AT_ONCE], static function (int $id) use ($pull): void {
            $connection = SupplierConnection::query()->findOrFail($id);
            // The next time is set when the pull ends; till then it isn't due.
            $connection->update(['next_pull_at' => null]);
            $pull($connection, null);
        });
        OneStall::each('moving_due', [now(), self::AT_ONCE], static function (int $id): void {
            $connection = SupplierConnection::query()->findOrFail($id);
            $connection->update([
                'moving_next_at' => $connection->moving_every === null ? null : now()->addMinutes($connection->moving_every),
            ]);
            PullMoving::dispatch($id);
        });
    }
}
