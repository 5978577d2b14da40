<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Support\Ids;

/** Tells that there are more or fewer pieces of what an order is of, or that it sold. */
final class TellShelves
{
    private const SOLD_FROM = <<<'SQL'
        SELECT DISTINCT COALESCE(variant.listing_id, variant.left_listing_id) AS id
        FROM order_lines AS line
        JOIN listing_variants AS variant
            ON variant.id = line.listing_variant_id
            OR variant.supplier_variant_id = line.supplier_variant_id
            OR variant.sold_variant_id = line.supplier_variant_id
        WHERE line.order_id = ?
        SQL;

    public static function of(Order $order): void
    {
        $listings = $order->isRehearsed() ? [] : Ids::of(self::SOLD_FROM, [$order->id]);
        if ($order->stall !== null && $listings !== []) {
            event(new ListingsChanged($order->stall, $listings));
        }
    }
}
