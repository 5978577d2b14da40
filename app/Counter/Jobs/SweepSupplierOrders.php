<?php

declare(strict_types=1);

namespace WindowStall\Counter\Jobs;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\ApplyAnswer;
use WindowStall\Counter\Order;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Counter\TakePayment;
use WindowStall\Source\Connectors\SupplierTrouble;

/** Looks after what got stuck: payments whose answer was lost, orders not sent, news that never came. */
final class SweepSupplierOrders implements ShouldQueue
{
    use Queueable;

    /** How long news may be silent before the supplier is asked; seconds. */
    public const SILENCE = 20;

    private const BATCH = 50;

    public int $tries = 1;

    public int $timeout = 120;

    public function handle(ApplyAnswer $apply, TakePayment $take): void
    {
        $this->payments($take);
        SupplierOrder::query()->where('state', SupplierOrderState::ToSend)->where(fn ($q) => $q->whereNull('next_try_at')->orWhere('next_try_at', '<=', now()))->where('created_at', '<', now()->subSeconds(10))
            ->orderBy('id')->limit(self::BATCH)->pluck('id')->each(fn (int $id) => SendSupplierOrder::dispatch($id));
        SupplierOrder::query()->with('connection')->whereIn('state', [SupplierOrderState::Sent, SupplierOrderState::Accepted])->where('asked_at', '<', now()->subSeconds(self::SILENCE))
            ->orderBy('asked_at')->limit(self::BATCH)->get()->each(fn (SupplierOrder $row) => $this->ask($row, $apply));
    }

    /** Shoppers close the page after approving, or the answer to a capture is lost. Those asked after longest ago come first. */
    private function payments(TakePayment $take): void
    {
        Order::query()->with('stall')->where('state', OrderState::AwaitingPayment)->whereNotNull('payment_id')->where('updated_at', '<', now()->subSeconds(self::SILENCE))
            ->orderBy('updated_at')->limit(self::BATCH)->get()->each(function (Order $order) use ($take): void {
                $order->touch();
                $order->created_at->isBefore(now()->subDay()) ? $take->giveUp($order) : $take($order);
            });
    }

    private function ask(SupplierOrder $row, ApplyAnswer $apply): void
    {
        $ordering = $row->connection?->ordering();
        if ($row->connection === null || $ordering === null || $row->external_id === null) {
            return;
        }
        try {
            $apply($row, $ordering->orderState($row->connection->access(), $row->external_id));
        } catch (SupplierTrouble $trouble) {
            $row->update(['trouble' => $trouble->getMessage(), 'asked_at' => now()]);
        }
    }
}
