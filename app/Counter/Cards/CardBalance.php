<?php

declare(strict_types=1);

namespace WindowStall\Counter\Cards;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Support\PgArray;

/** What is left on gift cards: their value, less what they paid or are paying, and with what came back. */
final class CardBalance
{
    /** What an order that is being paid means to take counts for a while, or as long as its payment is under way. */
    private const LEFT = <<<'SQL'
        SELECT card.id, card.value_minor - COALESCE(sum(used.minor - used.back_minor) FILTER (
            WHERE orders.paid_at IS NOT NULL
               OR (
                  orders.state = :awaiting
                  AND (used.held_until > :now OR orders.pending_since IS NOT NULL)
                  AND (
                      orders.basket_id IS DISTINCT FROM :basket::uuid
                      OR (orders.settling_until > :now_again AND orders.id IS DISTINCT FROM :order)
                  )
              )
        ), 0) AS balance
        FROM gift_cards AS card
        LEFT JOIN gift_card_uses AS used ON used.gift_card_id = card.id
        LEFT JOIN orders ON orders.id = used.order_id
        WHERE card.id = ANY(:cards)
          AND card.ended_at IS NULL
        GROUP BY card.id, card.value_minor
        SQL;

    /**
     * @param  list<int>  $cards
     * @param  string|null  $basket  what it meant to take before doesn't count, unless that is being paid this moment
     * @param  int|null  $order  whose own use doesn't count either
     * @return array<int, int> by card, in their order; one that ended is left out
     */
    public static function of(array $cards, ?string $basket = null, ?int $order = null): array
    {
        $rows = $cards === [] ? [] : DB::select(self::LEFT, [
            'cards' => PgArray::numbers($cards),
            'basket' => $basket,
            'order' => $order,
            'awaiting' => OrderState::AwaitingPayment->value,
            'now' => now(),
            'now_again' => now(),
        ]);
        $balances = array_column($rows, 'balance', 'id');
        $left = [];
        foreach ($cards as $card) {
            if (isset($balances[$card])) {
                $left[$card] = (int) $balances[$card];
            }
        }

        return $left;
    }
}
