<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Core\Basket\BoughtTogether;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Stall\Stall;

/** What was bought together with one of the goods in the last year, where orders say so. */
final class BoughtWith
{
    private const DAYS = 365;

    private const OTHERS = <<<'SQL'
        WITH bought AS (
            SELECT DISTINCT line.order_id, COALESCE(variant.listing_id, variant.left_listing_id) AS listing_id
            FROM orders
            JOIN order_lines AS line ON line.order_id = orders.id
            JOIN listing_variants AS variant ON variant.id = line.listing_variant_id
            WHERE orders.stall_id = :stall
              AND orders.state = :paid
              AND orders.paid_at >= :since
        ),
        mine AS (
            SELECT order_id
            FROM bought
            WHERE listing_id = :listing
        )
        SELECT bought.listing_id AS other,
               count(*) AS orders,
               count(mine.order_id) AS both_orders,
               (SELECT count(*) FROM mine) AS with_it,
               (SELECT count(DISTINCT order_id) FROM bought) AS all_orders
        FROM bought
        LEFT JOIN mine ON mine.order_id = bought.order_id
        WHERE bought.listing_id <> :self
        GROUP BY bought.listing_id
        HAVING count(mine.order_id) >= :least
        SQL;

    /** @return list<BoughtTogether> what goes with it most first, whether it can be bought now or not */
    public static function of(Stall $stall, Listing $listing): array
    {
        $rows = DB::select(self::OTHERS, [
            'stall' => $stall->id,
            'paid' => OrderState::Paid->value,
            'since' => now()->subDays(self::DAYS)->startOfDay(),
            'listing' => $listing->id,
            'self' => $listing->id,
            'least' => BoughtTogether::LEAST,
        ]);

        return BoughtTogether::among(
            (int) ($rows[0]->all_orders ?? 0),
            (int) ($rows[0]->with_it ?? 0),
            array_values(array_map(static fn (\stdClass $r): array => [
                'other' => (int) $r->other,
                'orders' => (int) $r->orders,
                'both' => (int) $r->both_orders,
            ], $rows)),
        );
    }
}
