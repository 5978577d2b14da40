<?php

declare(strict_types=1);

namespace WindowStall\Source\Jobs;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Source\StartPull;
use WindowStall\Source\SupplierConnection;

/** Starts the pulls whose time has come. Paused and disconnected suppliers are left alone. */
final class PullDue implements ShouldQueue
{
    use Queueable;

    private const AT_ONCE = 50;

    public int $tries = 1;

    public function handle(StartPull $pull): void
    {
        SupplierConnection::query()->where('next_pull_at', '<=', now())->whereNull('paused_at')->whereNull('disconnected_at')->orderBy('next_pull_at')->limit(self::AT_ONCE)->get()
            ->each(function (SupplierConnection $connection) use ($pull): void {
                // The next time is set when the pull ends; till then it isn't due.
                $connection->update(['next_pull_at' => null]);
                $pull($connection, null);
            });
    }
}
