<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Delivery\DeliveredLately;
use WindowStall\Stall\Stall;

/** What was sent lately, from the orders. */
final class DeliveredLatelyHere implements DeliveredLately
{
    private const LATELY = <<<'SQL'
        SELECT placed.country, placed.postcode, placed.goods_minor, placed.delivery_minor, sum(sent.delivery_minor) AS cost
        FROM (
            SELECT id, country, postcode, goods_minor, delivery_minor
            FROM orders
            WHERE stall_id = :stall
              AND state = :paid
              AND currency = :currency
              AND created_at > now() - make_interval(days => :days)
            ORDER BY id DESC
            LIMIT :most
        ) AS placed
        JOIN supplier_orders AS sent ON sent.order_id = placed.id
        GROUP BY placed.id, placed.country, placed.postcode, placed.goods_minor, placed.delivery_minor
        SQL;

    public function of(Stall $stall): array
    {
        return array_values(array_map(static fn (\stdClass $row): array => [
            'country' => (string) $row->country,
            'postcode' => (string) $row->postcode,
            'goods' => (int) $row->goods_minor,
            'charged' => (int) $row->delivery_minor,
            'cost' => (int) $row->cost,
        ], DB::select(self::LATELY, [
            'stall' => $stall->id,
            'paid' => OrderState::Paid->value,
            'currency' => $stall->currency,
            'days' => self::DAYS,
            'most' => self::MOST,
        ])));
    }
}
