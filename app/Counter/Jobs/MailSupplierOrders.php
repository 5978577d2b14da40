<?php

declare(strict_types=1);

namespace WindowStall\Counter\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Counter\ByMail\SendBatch;
use WindowStall\Source\SupplierConnection;

/** Mails a supplier its orders of the day, once its hour is over. */
final class MailSupplierOrders implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 60;

    public int $uniqueFor = 300;

    public function __construct(public readonly int $connectionId)
    {
        $this->onQueue('orders');
    }

    public function uniqueId(): string
    {
        return (string) $this->connectionId;
    }

    public function handle(SendBatch $send): void
    {
        $connection = SupplierConnection::query()->find($this->connectionId);
        if ($connection !== null) {
            $send($connection);
        }
    }
}
