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
        SELECT placed.*, sum(sent.delivery_minor) AS cost
        FROM (
            SELECT id, country, postcode, goods_minor, delivery_minor, currency, home_currency, rate
            FROM orders
            WHERE stall_id = :stall
              AND state = :paid
              AND home_currency = :currency
              AND created_at > now() - make_interval(days => :days)
            ORDER BY id DESC
            LIMIT :most
        ) AS placed
        JOIN supplier_orders AS sent ON sent.order_id = placed.id
        GROUP BY placed.id, placed.country, placed.postcode, placed.goods_minor, placed.delivery_minor, placed.currency,
                 placed.home_currency, placed.rate
        SQL;

    public function of(Stall $stall): array
    {
        return array_values(array_map(static function (\stdClass $row): array {
            $order = (new Order())->newFromBuilder((array) $row);

            return [
                'country' => $order->country,
                'postcode' => $order->postcode,
                'goods' => $order->worth($order->goods_minor)->minor,
                'charged' => $order->worth($order->delivery_minor)->minor,
                'cost' => (int) $row->cost,
            ];
        }, DB::select(self::LATELY, [
            'stall' => $stall->id,
            'paid' => OrderState::Paid->value,
            'currency' => $stall->currency,
            'days' => self::DAYS,
            'most' => self::MOST,
        ])));
    }
}
