<?php

declare(strict_types=1);

namespace WindowStall\Counter\Jobs;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\ApplyAnswer;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Source\Connectors\SupplierTrouble;

/**
 * Sends one supplier order. It may run twice, break off anywhere, or be started again by the sweep: the row's lock lets one
 * run at a time, and the idempotency key makes any repetition the same order at the supplier.
 */
final class SendSupplierOrder implements ShouldQueue
{
    use Queueable;

    /** Longest wait between tries; seconds. */
    private const MOST_WAIT = 3_600;

    public int $tries = 1;

    public int $timeout = 60;

    public function __construct(public readonly int $supplierOrderId)
    {
    }

    public function handle(ApplyAnswer $apply): void
    {
        DB::transaction(function () use ($apply): void {
            $row = SupplierOrder::query()->with(['lines.supplierVariant', 'order', 'connection'])->whereKey($this->supplierOrderId)->where('state', SupplierOrderState::ToSend)->lock('for update skip locked')->first();
            if ($row === null || $row->connection === null || $row->order === null || $row->order->state !== OrderState::Paid) {
                return;
            }
            $lines = $row->lines->map(fn (OrderLine $l): array => ['variant' => (string) $l->supplierVariant?->external_id, 'quantity' => $l->quantity])->values()->all();
            $ordering = $row->connection->ordering();
            if ($ordering === null) {
                $row->update(['state' => SupplierOrderState::Refused, 'refusal' => sprintf('%s takes no orders from here. Order it from them by hand, or give the shopper the money back.', $row->connection->name)]);

                return;
            }
            try {
                $answer = $ordering->order($row->connection->access(), $row->idempotency_key, 'Order '.$row->order->number, array_values($lines), $row->order->address());
            } catch (SupplierTrouble $trouble) {
                $this->wait($row, $trouble);

                return;
            }
            $apply($row, $answer);
        });
    }

    private function wait(SupplierOrder $row, SupplierTrouble $trouble): void
    {
        if (! $trouble->passing) {
            // Said no for good, or can't be understood: a person has to look.
            $row->update(['state' => SupplierOrderState::Refused, 'refusal' => $trouble->getMessage(), 'tries' => $row->tries + 1]);

            return;
        }
        // Twice as long each time, with jitter so that many orders don't all come back at once.
        $wait = min(self::MOST_WAIT, 10 * 2 ** min($row->tries, 9));
        $row->update(['trouble' => $trouble->getMessage(), 'tries' => $row->tries + 1, 'next_try_at' => now()->addSeconds(random_int(intdiv($wait, 2), $wait))]);
    }
}
