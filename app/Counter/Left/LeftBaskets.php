<?php

declare(strict_types=1);

namespace WindowStall\Counter\Left;

use Illuminate\Support\Facades\DB;
use WindowStall\Counter\Order;
use WindowStall\Stall\Stall;

/** Baskets whose shoppers went as far as the payment and no further: the last order of each, where none was paid since. */
final class LeftBaskets
{
    /** Days it is looked back, as baskets are kept about as long. */
    public const DAYS = 30;

    public const MOST = 100;

    /** Somebody may still be paying. */
    private const MINUTES = 60;

    private const LEFT = <<<'SQL'
        SELECT DISTINCT ON (left_order.basket_id) left_order.id
        FROM orders AS left_order
        WHERE left_order.stall_id = :stall
          AND left_order.state IN ('awaiting_payment', 'payment_lapsed')
          AND left_order.pending_since IS NULL
          AND left_order.created_at > :at::timestamp - make_interval(days => :days)
          AND left_order.created_at < :at::timestamp - make_interval(mins => :minutes)
          AND NOT EXISTS (
              SELECT 1
              FROM orders AS paid
              WHERE paid.stall_id = left_order.stall_id
                AND lower(paid.email) = lower(left_order.email)
                AND paid.paid_at > left_order.created_at
          )
        ORDER BY left_order.basket_id, left_order.id DESC
        LIMIT :most
        SQL;

    private const BACK = <<<'SQL'
        SELECT count(*) AS told,
               count(*) FILTER (WHERE EXISTS (
                   SELECT 1
                   FROM orders AS paid
                   WHERE paid.stall_id = told.stall_id
                     AND lower(paid.email) = lower(told.email)
                     AND paid.paid_at > told.sent_at
               )) AS back
        FROM basket_reminders AS told
        WHERE told.stall_id = :stall
          AND told.sent_at > :at::timestamp - make_interval(days => :days)
        SQL;

    /** @return list<Order> the latest first, with their lines */
    public static function of(Stall $stall): array
    {
        $ids = array_column(DB::select(self::LEFT, [
            'stall' => $stall->id,
            'at' => now(),
            'days' => self::DAYS,
            'minutes' => self::MINUTES,
            'most' => self::MOST,
        ]), 'id');

        return array_values(Order::of($stall)->with(['lines', 'stall'])->whereKey($ids)->orderByDesc('id')->get()->all());
    }

    /** @return array{told: int, back: int} who was reminded lately, and bought after that */
    public static function reminded(Stall $stall): array
    {
        $row = DB::selectOne(self::BACK, ['stall' => $stall->id, 'at' => now(), 'days' => self::DAYS]);

        return ['told' => (int) $row?->told, 'back' => (int) $row?->back];
    }
}
