<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Payment\PaymentService;
use WindowStall\Counter\Payment\PaymentState;
use WindowStall\Counter\Payment\PaymentTrouble;
use WindowStall\Shop\BasketRow;
use WindowStall\Shop\GoodsPage;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\SupplierVariant;

/**
 * Brings an order from "waiting for payment" to "paid", once, whoever asks and however often.
 *
 * An approved payment is only captured when every line can still be had; otherwise it is let go and nothing is charged.
 * Capturing and the supplier orders belong together in one transaction under the order's lock; if the answer to the capture
 * is lost, nothing is written, and the next attempt finds the payment captured and goes on from there.
 */
final readonly class TakePayment
{
    public function __construct(private PaymentService $payment)
    {
    }

    public function __invoke(Order $order): Order
    {
        if ($order->state !== OrderState::AwaitingPayment || $order->payment_id === null) {
            return $order;
        }
        try {
            $few = DB::transaction(fn (): bool => $this->take($order->id));
            if ($few) {
                $order->stall?->bumpShop();
            }
        } catch (PaymentTrouble $trouble) {
            Order::query()->whereKey($order->id)->where('state', OrderState::AwaitingPayment)->update(['payment_trouble' => $trouble->getMessage()]);
        }

        return $order->refresh();
    }

    /** Lets a payment go that nobody came back for within a day, so that no shopper's money stays set aside. */
    public function giveUp(Order $order): void
    {
        if ($this($order)->state !== OrderState::AwaitingPayment || $order->payment_id === null) {
            return;
        }
        try {
            $this->payment->void($order->payment_id);
            $order->update(['state' => OrderState::PaymentLapsed]);
        } catch (PaymentTrouble) {
            // The next sweep tries again.
        }
    }

    /** @return bool whether something is now nearly or quite sold out, so that pages must say so */
    private function take(int $orderId): bool
    {
        $order = Order::query()->with('lines')->whereKey($orderId)->where('state', OrderState::AwaitingPayment)->lock('for update skip locked')->first();
        if ($order === null || $order->payment_id === null) {
            return false;
        }
        $state = $this->payment->state($order->payment_id);
        if ($state === PaymentState::Declined || $state === PaymentState::Open) {
            $order->update(['payment_trouble' => $state === PaymentState::Declined ? 'The card was declined. Nothing was charged.' : null]);

            return false;
        }
        if ($state === PaymentState::Void || $state === PaymentState::Refunded) {
            $order->update(['state' => OrderState::PaymentLapsed]);

            return false;
        }
        $variants = SupplierVariant::query()->with('item.connection')->whereKey($order->lines->pluck('supplier_variant_id'))->orderBy('id')->lockForUpdate()->get()->keyBy('id');
        if ($state === PaymentState::Authorised) {
            $missing = $this->missing($order, $variants->all());
            if ($missing !== null) {
                $this->payment->void($order->payment_id);
                $order->update(['state' => OrderState::SoldOut, 'payment_trouble' => sprintf('%s sold out while you were paying. Your payment was let go; nothing was charged.', $missing)]);

                return true;
            }
            $this->payment->capture($order->payment_id);
        }
        $this->paid($order, $variants->all());

        return $variants->contains(fn (SupplierVariant $v): bool => $v->refresh()->available() <= GoodsPage::FEW);
    }

    /**
     * The first line that can't be had any more: by our own count, then by the supplier's at this moment.
     *
     * @param  array<int, SupplierVariant>  $variants
     */
    private function missing(Order $order, array $variants): ?string
    {
        $live = $this->live($variants);
        foreach ($order->lines as $line) {
            $variant = $variants[$line->supplier_variant_id] ?? null;
            $available = $variant?->available() ?? 0;
            if ($variant !== null && array_key_exists($variant->id, $live)) {
                $available = min($available, $live[$variant->id]);
            }
            if ($available < $line->quantity) {
                return $line->name();
            }
        }

        return null;
    }

    /**
     * @param  array<int, SupplierVariant>  $variants
     * @return array<int, int> pieces by variant; variants whose supplier doesn't answer are left out, and our own count stands
     */
    private function live(array $variants): array
    {
        $live = [];
        foreach (collect($variants)->groupBy(fn (SupplierVariant $v): int => (int) $v->item?->connection_id) as $some) {
            $connection = $some->first()?->item?->connection;
            $ordering = $connection?->ordering();
            if ($connection === null || $ordering === null) {
                continue;
            }
            try {
                $stock = $ordering->stock($connection->access(), array_values($some->map(fn (SupplierVariant $v): string => $v->external_id)->all()));
            } catch (SupplierTrouble) {
                continue;
            }
            foreach ($some as $variant) {
                $live[$variant->id] = $stock[$variant->external_id] ?? 0;
                if ($live[$variant->id] === 0) {
                    SupplierVariant::query()->whereKey($variant->id)->update(['stock' => 0]);
                }
            }
        }

        return $live;
    }

    /** @param  array<int, SupplierVariant>  $variants */
    private function paid(Order $order, array $variants): void
    {
        $order->update(['state' => OrderState::Paid, 'paid_at' => now(), 'payment_trouble' => null]);
        $byConnection = $order->lines->groupBy(fn (OrderLine $l): int => (int) ($variants[$l->supplier_variant_id] ?? null)?->item?->connection_id);
        foreach ($byConnection as $connectionId => $lines) {
            $supplierOrder = $order->supplierOrders()->create([
                'connection_id' => $connectionId, 'idempotency_key' => (string) Str::uuid(), 'state' => SupplierOrderState::ToSend,
                // Expected until the supplier says what it really charges; delivery of several pieces is first guessed piece by piece.
                'goods_minor' => (int) $lines->sum(fn (OrderLine $l): int => $l->quantity * (int) ($variants[$l->supplier_variant_id]->goods_minor ?? 0)),
                'delivery_minor' => (int) $lines->sum(fn (OrderLine $l): int => $l->quantity * (int) ($variants[$l->supplier_variant_id]->delivery_minor ?? 0)),
            ]);
            $order->lines()->whereKey($lines->modelKeys())->update(['supplier_order_id' => $supplierOrder->id]);
            SendSupplierOrder::dispatch($supplierOrder->id);
        }
        foreach ($order->lines as $line) {
            SupplierVariant::query()->whereKey($line->supplier_variant_id)->increment('promised', $line->quantity);
        }
        BasketRow::query()->where('basket_id', $order->basket_id)->delete();
    }
}
