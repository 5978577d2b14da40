<?php

declare(strict_types=1);

namespace WindowStall\Counter\Following;

use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Counter\Told\TellKind;
use WindowStall\Counter\Told\TellShopper;
use WindowStall\Hooks\HookEvent;
use WindowStall\Hooks\Tell;
use WindowStall\Source\Connectors\SaidParcel;
use WindowStall\Stall\Stall;

/**
 * Writes down the parcels that a supplier says it posted, each once, and tells the shopper. Within a transaction that has the
 * supplier order locked.
 */
final class NoteParcels
{
    /**
     * @param  SupplierOrder  $row  with its order
     * @param  list<SaidParcel>  $said  all of its parcels so far
     */
    public static function of(SupplierOrder $row, array $said): void
    {
        $order = $row->order ?? throw new \LogicException('A supplier order always has its order.');
        $known = Parcel::query()->where('supplier_order_id', $row->id)->get();
        foreach ($said as $one) {
            if ($known->contains(static fn (Parcel $parcel): bool => $parcel->tracking === $one->tracking)) {
                continue;
            }
            $pieces = self::pieces($row, $one, $known->all());
            // One with nothing in it that wasn't posted before is no parcel.
            if ($pieces !== []) {
                $known->push(self::note($order, $row, $one, $pieces));
            }
        }
    }

    /** @param  array<int, int>  $pieces  by line */
    private static function note(Order $order, SupplierOrder $row, SaidParcel $said, array $pieces): Parcel
    {
        $promised = $row->lines->filter(static fn (OrderLine $line): bool => isset($pieces[$line->id]))->max('promised_to');
        $parcel = Parcel::query()->create([
            'stall_id' => $order->stall_id,
            'order_id' => $order->id,
            'supplier_order_id' => $row->id,
            'connection_id' => $row->connection_id,
            'country' => $order->country,
            'number' => Parcel::query()->where('order_id', $order->id)->max('number') + 1,
            'pieces' => $pieces,
            'carrier' => $said->carrier,
            'tracking' => $said->tracking,
            'promised_to' => $promised,
            'posted_at' => now(),
            'moved_at' => now(),
            'next_ask_at' => $said->tracking === null ? null : now(),
        ]);
        TellShopper::of($order, TellKind::Posted, of: $parcel->id);
        if ($order->stall instanceof Stall) {
            Tell::of($order->stall, HookEvent::Posted, ParcelNews::of($order, $parcel));
        }

        return $parcel;
    }

    /**
     * @param  array<Parcel>  $before
     * @return array<int, int> by line; all that isn't in another parcel, where it wasn't said
     */
    private static function pieces(SupplierOrder $row, SaidParcel $said, array $before): array
    {
        $left = [];
        foreach ($row->lines as $line) {
            $gone = array_sum(array_map(static fn (Parcel $parcel): int => $parcel->pieces[$line->id] ?? 0, $before));
            $left[$line->id] = max(0, $line->toSend() - $gone);
        }
        if ($said->pieces === []) {
            return array_filter($left);
        }
        $pieces = [];
        foreach ($row->lines as $line) {
            $pieces[$line->id] = min($left[$line->id], $said->pieces[(string) $line->supplierVariant?->external_id] ?? 0);
        }

        return array_filter($pieces);
    }
}
