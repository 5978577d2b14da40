<?php

declare(strict_types=1);

namespace WindowStall\Counter\Additions;

use DateTimeImmutable;
use WindowStall\Core\Dispatch\Joining;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\Order;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Source\Connectors\JoinsParcels;
use WindowStall\Stall\Stall;

/** The parcels of a paid order that something more can still be laid into. */
final readonly class OpenParcels
{
    /**
     * @param  DateTimeImmutable  $until  the first of them is packed
     * @param  array<int, list<string>>  $warehouses  they are packed in, by the connection whose they are
     */
    private function __construct(public DateTimeImmutable $until, public array $warehouses)
    {
    }

    /** @param  Order  $order  with its supplier orders and their connections */
    public static function of(Stall $stall, Order $order): ?self
    {
        $paid = $order->paid_at;
        if ($paid === null || ! self::takesMore($order)) {
            return null;
        }
        $warehouses = [];
        $ends = [];
        foreach ($order->supplierOrders as $row) {
            $until = ! self::waits($row) ? null : Joining::until(
                $paid->toDateTimeImmutable(),
                $stall->addition_minutes,
                $row->joined_until?->toDateTimeImmutable(),
                now()->toDateTimeImmutable(),
            );
            if ($until !== null) {
                $warehouses[$row->connection_id] = [...$warehouses[$row->connection_id] ?? [], ...$row->packed_in];
                $ends[] = $until;
            }
        }

        return $ends === [] ? null : new self(min($ends), $warehouses);
    }

    /** What was added itself, or goes out for what came back, takes nothing more. */
    private static function takesMore(Order $order): bool
    {
        return $order->state === OrderState::Paid
            && $order->held_at === null
            && $order->disputed_at === null
            && $order->joins_order_id === null
            && $order->exchange_of === null;
    }

    private static function waits(SupplierOrder $row): bool
    {
        return in_array($row->state, [SupplierOrderState::Sent, SupplierOrderState::Accepted], true)
            && $row->connection?->ordering() instanceof JoinsParcels;
    }

    /** @param  array<string, int>  $stock  pieces by warehouse */
    public function take(int $connection, array $stock): bool
    {
        foreach ($this->warehouses[$connection] ?? [] as $warehouse) {
            if (($stock[$warehouse] ?? 0) > 0) {
                return true;
            }
        }

        return false;
    }
}
