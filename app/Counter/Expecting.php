<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use WindowStall\Bench\Prices\Price;
use WindowStall\Core\Dispatch\ExpectedCosts;
use WindowStall\Core\Dispatch\ExpectedLine;
use WindowStall\Shop\BasketContents;
use WindowStall\Shop\BasketEntry;
use WindowStall\Source\SupplierItem;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;

/** What a basket or an order is expected to cost at its suppliers. */
final class Expecting
{
    public static function basket(Stall $stall, BasketContents $contents): ExpectedCosts
    {
        $items = array_map(
            static fn (BasketEntry $e): int => $e->variant->row->selling()->supplier_item_id,
            $contents->entries,
        );
        $suppliers = SupplierItem::query()->whereKey($items)->pluck('connection_id', 'id');

        return ExpectedCosts::of(
            array_map(
                static fn (BasketEntry $e, int $item): ExpectedLine => self::line(
                    $stall,
                    (int) $suppliers->get($item),
                    $e->quantity,
                    $e->variant->row->selling(),
                    $e->variant->priced->duty_minor ?? 0,
                ),
                $contents->entries,
                $items,
            ),
            $stall->money($stall->handling_minor),
        );
    }

    /**
     * @param  Order  $order  with its stall and lines
     * @return array<int, ExpectedCosts> by connection
     */
    public static function order(Order $order): array
    {
        $stall = $order->stall ?? throw new \LogicException('An order is always of a stall.');
        $variants = SupplierVariant::query()
            ->with('item')
            ->whereKey($order->lines->pluck('supplier_variant_id'))
            ->get()
            ->keyBy('id');
        // Abroad it costs what the price list of that market has.
        $abroad = $order->country === $stall->home_market ? null : Price::query()
            ->where('market', $order->country)
            ->whereIn('listing_variant_id', $order->lines->pluck('listing_variant_id')->filter())
            ->pluck('delivery_minor', 'listing_variant_id');
        $ahead = AheadCosts::of($stall, $variants->modelKeys());
        $lines = [];
        foreach ($order->lines as $line) {
            $variant = $variants[$line->supplier_variant_id];
            // What goes along in a parcel is carried by what was paid for that.
            $delivery = $order->joins_order_id === null ? $abroad?->get((int) $line->listing_variant_id) : 0;
            $one = self::line($stall, (int) $variant?->item?->connection_id, $line->quantity, $variant, 0, $delivery === null ? null : (int) $delivery);
            array_push($lines, ...$ahead->draw($line->supplier_variant_id, $one));
        }

        return ExpectedCosts::bySupplier($lines, $stall->money($order->handling_minor));
    }

    /**
     * @param  int  $duty  of one piece, in minor units of the stall's currency
     * @param  int|null  $delivery  the same, where it isn't what it costs at home
     */
    private static function line(
        Stall $stall,
        int $supplier,
        int $pieces,
        ?SupplierVariant $variant,
        int $duty,
        ?int $delivery = null,
    ): ExpectedLine {
        return new ExpectedLine(
            supplier: $supplier,
            pieces: $pieces,
            goods: $stall->money($variant->goods_minor ?? 0),
            delivery: $stall->money($delivery ?? $variant->delivery_minor ?? 0),
            duty: $stall->money($duty),
        );
    }
}
