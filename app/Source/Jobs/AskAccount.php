<?php

declare(strict_types=1);

namespace WindowStall\Source\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Source\Account\ReadAccount;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\SupplierConnection;

/** Looks how the account with a supplier stands. One that doesn't answer is asked again in its turn. */
final class AskAccount implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 30;

    public int $uniqueFor = 300;

    public function __construct(public readonly int $connectionId)
    {
        $this->onQueue('orders');
    }

    public function uniqueId(): string
    {
        return (string) $this->connectionId;
    }

    public function handle(ReadAccount $read): void
    {
        $connection = SupplierConnection::query()->whereNull('disconnected_at')->find($this->connectionId);
        if ($connection === null) {
            return;
        }
        try {
            $read($connection);
        } catch (SupplierTrouble) {
            // What it said last stands, with its time.
        }
    }
}
