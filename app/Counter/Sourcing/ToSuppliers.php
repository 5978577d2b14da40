<?php

declare(strict_types=1);

namespace WindowStall\Counter\Sourcing;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Str;
use WindowStall\Core\Dispatch\ExpectedCosts;
use WindowStall\Core\Dispatch\Sourcing\Portions;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\Expecting;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Print\Files\PrintOrders;
use WindowStall\Source\SupplierConnection;

/**
 * Writes an order for each supplier of a paid order, with its lines, at what is expected until the supplier says what it charges.
 * What is more than a supplier's terms allow becomes several.
 */
final class ToSuppliers
{
    /** In the transaction that makes it paid. @param  Order  $order  with its lines and stall */
    public static function of(Order $order): void
    {
        // What isn't posted is ordered of nobody.
        $lines = $order->lines->whereNull('giving')->values();
        $lines->load('supplierVariant.item');
        $bySupplier = $lines->groupBy(static fn (OrderLine $line): int => (int) $line->supplierVariant?->item?->connection_id);
        self::freeze($lines);
        $connections = SupplierConnection::query()->whereKey($bySupplier->keys())->get()->keyBy('id');
        $whole = Expecting::order($order);
        foreach ($connections as $id => $connection) {
            /** @var Collection<int, OrderLine> $mine */
            $mine = $bySupplier[$id];
            $portions = Portions::of($mine->mapWithKeys(static fn (OrderLine $l): array => [$l->id => $l->toSend()])->all(), $connection->most_pieces);
            if (count($portions) <= 1) {
                self::write($order, $connection, $mine, $whole[$id]);

                continue;
            }
            foreach ($portions as $portion) {
                $part = CutLine::into($mine, $portion);
                self::write($order, $connection, $part, Expecting::order((clone $order)->setRelation('lines', $part))[$id]);
            }
        }
    }

    /**
     * What is printed is what lay there when it was sold.
     *
     * @param  Collection<int, OrderLine>  $lines
     */
    private static function freeze(Collection $lines): void
    {
        foreach ($lines as $line) {
            $made = $line->supplierVariant?->item?->made_from_id;
            if ($line->supplierVariant !== null && $made !== null && $line->placing_id === null) {
                $line->update(PrintOrders::stands($line->supplierVariant) ?? []);
            }
        }
    }

    /** @param  Collection<int, OrderLine>  $lines */
    private static function write(Order $order, SupplierConnection $connection, Collection $lines, ExpectedCosts $expected): void
    {
        $extras = $order->stall === null || $order->joins_order_id !== null ? 0 : $connection->extrasCost($order->stall)->minor;
        $row = $order->supplierOrders()->create([
            'connection_id' => $connection->id,
            'idempotency_key' => (string) Str::uuid(),
            'state' => SupplierOrderState::ToSend,
            'goods_minor' => $expected->goods->minor,
            'delivery_minor' => $expected->delivery->minor,
            'extras_minor' => $extras,
            'expected_goods_minor' => $expected->goods->minor,
            'expected_delivery_minor' => $expected->delivery->minor,
            'expected_extras_minor' => $extras,
        ]);
        OrderLine::query()->whereKey($lines->modelKeys())->update(['supplier_order_id' => $row->id]);
        SendSupplierOrder::dispatch($row->id)->afterCommit();
    }
}
