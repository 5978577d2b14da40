<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Basket\BoughtTogether;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Stall\Stall;

/** What was bought together with one of the goods in the last year, where orders say so. */
final class BoughtWith
{
    private const DAYS = 365;

    /** Others that are looked at: those in most orders with it. */
    private const MOST = 40;

    /** Goods of a basket that others are sought for. */
    private const OF_BASKET = 3;

    /** Begins with the orders it is in, so that what it costs goes by those and not by all there are. */
    private const OTHERS = <<<'SQL'
        WITH mine AS (
            SELECT DISTINCT orders.id
            FROM listing_variants AS variant
            JOIN order_lines AS line ON line.listing_variant_id = variant.id
            JOIN orders ON orders.id = line.order_id
            WHERE (variant.listing_id = :listing OR variant.left_listing_id = :left)
              AND orders.stall_id = :stall
              AND orders.state = :paid
              AND orders.paid_at >= :since
        ),
        together AS (
            SELECT COALESCE(variant.listing_id, variant.left_listing_id) AS other,
                   count(DISTINCT line.order_id) AS times
            FROM mine
            JOIN order_lines AS line ON line.order_id = mine.id
            JOIN listing_variants AS variant ON variant.id = line.listing_variant_id
            WHERE COALESCE(variant.listing_id, variant.left_listing_id) <> :self
            GROUP BY 1
            HAVING count(DISTINCT line.order_id) >= :least
            ORDER BY 2 DESC
            LIMIT :most
        )
        SELECT together.other, together.times,
               (SELECT count(*) FROM mine) AS with_it,
               (
                   SELECT count(*)
                   FROM orders
                   WHERE stall_id = :stall_again AND state = :paid_again AND paid_at >= :since_again
               ) AS all_orders,
               (
                   SELECT count(DISTINCT line.order_id)
                   FROM listing_variants AS variant
                   JOIN order_lines AS line ON line.listing_variant_id = variant.id
                   JOIN orders ON orders.id = line.order_id
                   WHERE variant.listing_id = together.other
                     AND orders.state = :paid_too
                     AND orders.paid_at >= :since_too
               ) AS orders
        FROM together
        SQL;

    /** @return list<BoughtTogether> what goes with it most first, whether it can be bought now or not */
    public static function of(Stall $stall, int $listing): array
    {
        $paid = OrderState::Paid->value;
        $since = now()->subDays(self::DAYS)->startOfDay();
        $rows = DB::select(self::OTHERS, [
            'stall' => $stall->id,
            'stall_again' => $stall->id,
            'paid' => $paid,
            'paid_again' => $paid,
            'paid_too' => $paid,
            'since' => $since,
            'since_again' => $since,
            'since_too' => $since,
            'listing' => $listing,
            'left' => $listing,
            'self' => $listing,
            'least' => BoughtTogether::LEAST,
            'most' => self::MOST,
        ]);

        return BoughtTogether::among(
            (int) ($rows[0]->all_orders ?? 0),
            (int) ($rows[0]->with_it ?? 0),
            array_values(array_map(static fn (\stdClass $r): array => [
                'other' => (int) $r->other,
                'orders' => (int) $r->orders,
                'both' => (int) $r->times,
            ], $rows)),
        );
    }

    /**
     * What goes well with what lies in a basket and doesn't lie there.
     *
     * @param  list<int>  $listings  in the basket
     * @return list<int> listings, what goes with it most first
     */
    public static function basket(Stall $stall, array $listings): array
    {
        $found = [];
        foreach (array_slice($listings, 0, self::OF_BASKET) as $listing) {
            foreach (self::of($stall, $listing) as $one) {
                $found[$one->other] = max($found[$one->other] ?? 0.0, $one->lift);
            }
        }
        arsort($found);

        return array_values(array_diff(array_keys($found), $listings));
    }
}
