<?php

declare(strict_types=1);

namespace WindowStall\Shelves;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Pricing\Offers\WasPrice;
use WindowStall\Stall\Stall;
use WindowStall\Support\JoinByHash;
use WindowStall\Support\PgArray;

/**
 * One row for each of the goods in the window and each market abroad it is sold to, with what is otherwise there than at
 * home: what it costs in that market's currency, how soon it comes, whether it is offered for less than before. Goods
 * without a price there have none. Only what differs is written.
 */
final class GoodsAbroad
{
    /** %1$s: which listings. */
    private const MAKE = <<<'SQL'
        WITH offered AS MATERIALIZED (
            SELECT variant.listing_id, price.market, price.shown_minor, landing.days_min, landing.days_max,
                   sold.available > 0 AND may_be_offered(
                       variant.own_on, price.price_minor, price.under_floor, variant.own_under_floor
                   ) AS buyable,
                   variant.own_was_minor IS NOT NULL AND COALESCE(price.shown_minor < (
                       SELECT min(stood.price_minor)
                       FROM (
                           SELECT history.price_minor,
                                  lead(history.asked_at) OVER (ORDER BY history.id) AS ended,
                                  first_value(history.asked_at) OVER (ORDER BY history.id DESC) AS began
                           FROM price_history AS history
                           WHERE history.listing_variant_id = variant.id AND history.market = price.market
                       ) AS stood
                       WHERE stood.ended > stood.began - make_interval(days => :days)
                   ), false) AS was
            FROM listings AS listing
            JOIN listing_variants AS variant ON variant.listing_id = listing.id AND variant.own_on
            JOIN supplier_variants AS sold ON sold.id = variant.selling_id
            JOIN prices AS price
                ON price.listing_variant_id = variant.id AND price.market = ANY (:markets) AND price.shown_minor > 0
            LEFT JOIN variant_landings AS landing
                ON landing.supplier_variant_id = sold.id AND landing.market = price.market
            WHERE listing.stall_id = :stall
              AND listing.state = 'in_window'
              AND listing.deleted_at IS NULL
              AND %1$s
        )
        INSERT INTO goods_abroad AS stood (
            stall_id, listing_id, market, price_minor, price_to_minor, buyable, was, days_min, days_max
        )
        SELECT :stall, listing_id, market,
               COALESCE(min(shown_minor) FILTER (WHERE buyable), min(shown_minor)),
               COALESCE(max(shown_minor) FILTER (WHERE buyable), max(shown_minor)),
               bool_or(buyable), bool_or(was),
               (array_agg(days_min ORDER BY days_max, days_min) FILTER (WHERE buyable))[1],
               min(days_max) FILTER (WHERE buyable)
        FROM offered
        GROUP BY listing_id, market
        ON CONFLICT (listing_id, market) DO UPDATE
        SET (price_minor, price_to_minor, buyable, was, days_min, days_max) = (
            excluded.price_minor, excluded.price_to_minor, excluded.buyable, excluded.was, excluded.days_min,
            excluded.days_max
        )
        WHERE (stood.price_minor, stood.price_to_minor, stood.buyable, stood.was, stood.days_min, stood.days_max)
            IS DISTINCT FROM (
                excluded.price_minor, excluded.price_to_minor, excluded.buyable, excluded.was, excluded.days_min,
                excluded.days_max
            )
        SQL;

    private const GONE = <<<'SQL'
        DELETE FROM goods_abroad AS stood
        WHERE stood.stall_id = :stall
          AND %1$s
          AND (
              stood.market <> ALL (:markets)
              OR NOT EXISTS (
                  SELECT 1
                  FROM listings AS listing
                  JOIN listing_variants AS variant ON variant.listing_id = listing.id AND variant.own_on
                  JOIN prices AS price
                      ON price.listing_variant_id = variant.id AND price.market = stood.market AND price.shown_minor > 0
                  WHERE listing.id = stood.listing_id
                    AND listing.state = 'in_window'
                    AND listing.deleted_at IS NULL
              )
          )
        SQL;

    /**
     * @param  list<int>|null  $listings  all of the stall's when null
     * @return int rows that differ from before
     */
    public static function fill(Stall $stall, ?array $listings): int
    {
        $which = static fn (string $column): string => $listings === null ? 'true' : $column.' = ANY (:ids::bigint[])';
        $of = ['stall' => $stall->id, 'markets' => PgArray::texts(array_slice($stall->soldTo(), 1))]
            + ($listings === null ? [] : ['ids' => PgArray::numbers($listings)]);
        $gone = DB::affectingStatement(sprintf(self::GONE, $which('stood.listing_id')), $of);
        $make = static fn (): int => DB::affectingStatement(sprintf(self::MAKE, $which('listing.id')), $of + [
            'days' => WasPrice::DAYS,
        ]);

        return $gone + ($listings === null || count($listings) > GoodsFacts::MANY ? JoinByHash::within($make) : $make());
    }
}
