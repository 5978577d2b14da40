<?php

declare(strict_types=1);

namespace WindowStall\Counter\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Counter\ApplyAnswer;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Source\Connectors\SupplierTrouble;

/** Asks a supplier how an order stands whose news never came. */
final class AskSupplier implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 60;

    public int $uniqueFor = 300;

    public function __construct(public readonly int $supplierOrderId)
    {
        $this->onQueue('orders');
    }

    public function uniqueId(): string
    {
        return (string) $this->supplierOrderId;
    }

    public function handle(ApplyAnswer $apply): void
    {
        $row = SupplierOrder::query()->with('connection')->find($this->supplierOrderId);
        $ordering = $row?->connection?->ordering();
        if ($row?->connection === null || $ordering === null || $row->external_id === null || ! $row->state->open()) {
            return;
        }
        try {
            $apply($row, $ordering->orderState($row->connection->access(), $row->external_id));
        } catch (SupplierTrouble $trouble) {
            $row->update(['trouble' => $trouble->getMessage(), 'asked_at' => now()]);
        }
    }
}
