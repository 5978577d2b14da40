<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\Jobs\GiveMoneyBack;
use WindowStall\Stall\Clock;
use WindowStall\Support\Refusal;

/**
 * Gives a shopper the whole of an order back, as long as no supplier is working on it. What waits to be sent is held
 * back first, in one short transaction; the payment service is asked after that, by a job that is repeated until it has
 * answered.
 *
 * Locks: the order, its supplier orders, then the variants in the order of their numbers.
 */
final readonly class RefundOrder
{
    public function __construct(private Reservations $reservations)
    {
    }

    /** @param  Order  $order with its supplier orders */
    public static function possible(Order $order): bool
    {
        return $order->state === OrderState::Paid &&
            $order->payment_id !== null &&
            $order->supplierOrders->every(
                fn (SupplierOrder $s): bool => in_array(
                    $s->state,
                    [SupplierOrderState::ToSend, SupplierOrderState::Refused],
                    true,
                ),
            );
    }

    /** @throws Refusal when it is too late, or was done already */
    public function __invoke(Order $order): void
    {
        DB::transaction(fn () => $this->holdBack($order), attempts: 3);
        GiveMoneyBack::dispatch($order->id);
    }

    private function holdBack(Order $order): void
    {
        $fresh = Order::query()->whereKey($order->id)->lockForUpdate()->firstOrFail();
        SupplierOrder::query()->where('order_id', $order->id)->orderBy('id')->lockForUpdate()->get();
        $fresh->load(['supplierOrders', 'lines.supplierOrder']);
        if (in_array($fresh->state, [OrderState::Refunding, OrderState::Refunded], true)) {
            throw new Refusal('This order is refunded already.');
        }
        if (! self::possible($fresh)) {
            throw new Refusal('A supplier has this order already, so it can’t be refunded as a whole.');
        }
        foreach ($fresh->supplierOrders as $row) {
            $this->refuseIfUnderWay($row);
        }
        $pieces = [];
        foreach ($fresh->lines as $line) {
            if ($line->supplierOrder?->state === SupplierOrderState::ToSend) {
                $pieces[$line->supplier_variant_id] = ($pieces[$line->supplier_variant_id] ?? 0) + $line->quantity;
            }
        }
        ksort($pieces);
        $this->reservations->putBack($pieces);
        TellShelves::of($fresh);
        $fresh
            ->supplierOrders()
            ->where('state', SupplierOrderState::ToSend)
            ->update([
                'state' => SupplierOrderState::Refused,
                'refusal' => 'Refunded before it was sent.',
                'trouble' => null,
            ]);
        $fresh->update(['state' => OrderState::Refunding, 'payment_trouble' => null]);
    }

    private function refuseIfUnderWay(SupplierOrder $row): void
    {
        $name = (string) $row->connection?->name;
        if ($row->sending_until?->isFuture()) {
            throw new Refusal(sprintf('It is being sent to %s this moment. Look again in a minute.', $name));
        }
        if ($row->unsure) {
            throw new Refusal(
                sprintf(
                    '%s may have this order: it was sent and no answer came. It is asked again %s; refund it once '.
                        'that is known.',
                    $name,
                    $this->when($row->next_try_at),
                ),
            );
        }
    }

    private function when(?Carbon $next): string
    {
        return $next === null || $next->isPast() ? 'in a moment' : 'at '.Clock::here()->hour($next);
    }
}
