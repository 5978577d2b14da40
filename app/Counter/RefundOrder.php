<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\Payment\PaymentService;
use WindowStall\Counter\Payment\PaymentTrouble;
use WindowStall\Source\SupplierVariant;
use WindowStall\Support\Refusal;

/** Gives a shopper the whole of an order back, as long as no supplier is working on it. What waits to be sent is held back first. */
final readonly class RefundOrder
{
    public function __construct(private PaymentService $payment)
    {
    }

    /** @param  Order  $order with its supplier orders */
    public static function possible(Order $order): bool
    {
        return $order->state === OrderState::Paid && $order->payment_id !== null
            && $order->supplierOrders->every(fn (SupplierOrder $s): bool => in_array($s->state, [SupplierOrderState::ToSend, SupplierOrderState::Refused], true));
    }

    /** @throws Refusal when it is too late, or was done already */
    public function __invoke(Order $order): void
    {
        DB::transaction(function () use ($order): void {
            // The supplier orders' locks first: one that is just being sent is waited for, and then it is too late.
            SupplierOrder::query()->where('order_id', $order->id)->orderBy('id')->lockForUpdate()->get();
            $fresh = Order::query()->with(['supplierOrders', 'lines.supplierOrder'])->whereKey($order->id)->lockForUpdate()->firstOrFail();
            if ($fresh->state === OrderState::Refunded) {
                throw new Refusal('This order is refunded already.');
            }
            if (! self::possible($fresh)) {
                throw new Refusal('A supplier has this order already, so it can’t be refunded as a whole.');
            }
            foreach ($fresh->lines as $line) {
                if ($line->supplierOrder?->state === SupplierOrderState::ToSend) {
                    SupplierVariant::query()->whereKey($line->supplier_variant_id)->where('promised', '>=', $line->quantity)->decrement('promised', $line->quantity);
                }
            }
            $fresh->supplierOrders()->where('state', SupplierOrderState::ToSend)->update(['state' => SupplierOrderState::Refused, 'refusal' => 'Refunded before it was sent.', 'trouble' => null]);
            $fresh->update(['state' => OrderState::Refunded]);
            // Last, so that a service that is away rolls everything back; a lost answer is made good by asking again.
            try {
                $this->payment->refund((string) $fresh->payment_id);
            } catch (PaymentTrouble) {
                throw new Refusal('The payment service doesn’t answer, so nothing is settled yet. Try again in a minute.');
            }
        });
    }
}
