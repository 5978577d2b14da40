<?php

declare(strict_types=1);

namespace WindowStall\Counter\Sourcing;

use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Delivery\ArrivalDates;
use WindowStall\Core\Delivery\Quote\Dispatcher;
use WindowStall\Core\Delivery\Quote\QuotedGoods;
use WindowStall\Core\Delivery\WorkCalendar;
use WindowStall\Core\Dispatch\Sourcing\Source;
use WindowStall\Core\Dispatch\Sourcing\SourcedLine;
use WindowStall\Core\Landing\Offer;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Delivery\ResolveDelivery;
use WindowStall\Delivery\SentGoods;
use WindowStall\Delivery\WantedLine;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\PgArray;

/**
 * Where the lines of an order could come from: the variant they were sold from, the other sources of that listing's variant, and
 * whatever has the same barcode at another of the stall's suppliers; from each warehouse that sends there, by its cheapest method.
 */
final class OrderSources
{
    private const ALIKE = <<<'SQL'
        SELECT line.id AS line, alike.id AS variant
        FROM order_lines AS line
        JOIN supplier_variants AS own ON own.id = line.supplier_variant_id
        JOIN supplier_variants AS alike ON alike.stall_id = own.stall_id
         AND (
             alike.id = own.id
             OR alike.barcode = own.barcode
             OR alike.id IN (
                 SELECT source.supplier_variant_id
                 FROM variant_sources AS source
                 WHERE source.listing_variant_id = line.listing_variant_id
                   AND source.use
             )
         )
        JOIN supplier_items AS item ON item.id = alike.supplier_item_id
        JOIN supplier_connections AS connection ON connection.id = item.connection_id
        WHERE line.id = ANY(:lines)
          AND alike.gone_at IS NULL
          AND alike.to_order
          AND connection.disconnected_at IS NULL
        ORDER BY line.id, alike.id
        SQL;

    /**
     * @param  Order  $order  with its stall
     * @param  iterable<OrderLine>  $lines
     * @return list<SourcedLine>
     */
    public static function of(Order $order, iterable $lines): array
    {
        $stall = $order->stall ?? throw new \LogicException('An order is always of a stall.');
        $byId = [];
        foreach ($lines as $line) {
            $byId[$line->id] = $line;
        }
        $alike = [];
        foreach (DB::select(self::ALIKE, ['lines' => PgArray::numbers(array_keys($byId))]) as $row) {
            $alike[(int) $row->line][] = (int) $row->variant;
        }
        $variants = SupplierVariant::query()
            ->with('item.connection')
            ->whereKey(array_merge([], ...array_values($alike)))
            ->get()
            ->keyBy('id');
        $wanted = [];
        foreach ($alike as $line => $ids) {
            foreach ($ids as $id) {
                $wanted[$line.' '.$id] = new WantedLine($id, $byId[$line]->name(), $byId[$line]->toSend(), $stall->money(0), []);
            }
        }
        $goods = array_combine(array_keys($wanted), SentGoods::of($stall, array_values($wanted), $order->country));
        $dispatchers = ResolveDelivery::dispatchers($stall);
        $at = Clock::of($stall)->local(now())->toDateTimeImmutable();
        $sourced = [];
        foreach ($byId as $id => $line) {
            $sources = [];
            foreach ($alike[$id] ?? [] as $variant) {
                $row = $variants[$variant] ?? null;
                $said = $goods[$id.' '.$variant] ?? null;
                if ($row instanceof SupplierVariant && $said !== null && self::takesOrders($row)) {
                    array_push($sources, ...self::ofVariant($stall, $order, $line, $row, $said, $dispatchers, $at));
                }
            }
            $sourced[] = new SourcedLine($id, max(1, $line->toSend()), $line->promised_to, $sources);
        }

        return $sourced;
    }

    private static function takesOrders(SupplierVariant $variant): bool
    {
        return $variant->item?->connection instanceof SupplierConnection && $variant->item->connection->takesOrders();
    }

    /**
     * @param  array<int, Dispatcher>  $dispatchers
     * @return list<Source>
     */
    private static function ofVariant(
        Stall $stall,
        Order $order,
        OrderLine $line,
        SupplierVariant $variant,
        QuotedGoods $said,
        array $dispatchers,
        DateTimeImmutable $at,
    ): array {
        $cheapest = [];
        foreach ($said->offers as $offer) {
            $known = $cheapest[$offer->warehouse] ?? null;
            if ($known === null || $offer->delivery->minor < $known->delivery->minor) {
                $cheapest[$offer->warehouse] = $offer;
            }
        }
        $asSold = $variant->id === $line->supplier_variant_id;
        // Its own pieces are promised to this order already.
        $mine = $asSold ? $line->toSend() : 0;

        return array_map(static fn (Offer $offer): Source => new Source(
            variant: $variant->id,
            supplier: $said->supplier,
            warehouse: $offer->warehouse,
            pieces: min($offer->stock, $variant->available() + $mine),
            goods: $variant->goods_minor ?? 0,
            first: $offer->delivery->minor,
            further: $offer->further->minor ?? $offer->delivery->minor,
            by: self::by($dispatchers[$said->supplier] ?? new Dispatcher(''), $offer, $order, $at),
            asSold: $asSold,
        ), array_values($cheapest));
    }

    private static function by(Dispatcher $dispatcher, Offer $offer, Order $order, DateTimeImmutable $at): string
    {
        return ArrivalDates::of(
            paid: $at,
            cutOff: $dispatcher->cutOff,
            packing: $dispatcher->packing,
            transit: $offer->days,
            packs: WorkCalendar::of($offer->warehouse, closed: $dispatcher->closed),
            place: WorkCalendar::of($order->country, $order->part === '' ? null : $order->part),
        )->latest->format('Y-m-d');
    }
}
