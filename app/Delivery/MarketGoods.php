<?php

declare(strict_types=1);

namespace WindowStall\Delivery;

use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Stall;
use WindowStall\Support\PgArray;

/**
 * Goods in the window at the prices of the market the stall is seen from, each by the cheapest of its variants that can be bought: what is
 * sent where is shown on them.
 */
final class MarketGoods
{
    private const ROWS = <<<'SQL'
        SELECT DISTINCT ON (:each)
               listing.id AS listing, listing.shown_title AS title, listing.own_tags AS tags, variant.id AS variant,
               variant.selling_id AS source, price.price_minor AS price, price.shown_minor AS shown, listing.own_type AS type
        FROM listings AS listing
        JOIN listing_variants AS variant ON variant.listing_id = listing.id
        JOIN prices AS price ON price.listing_variant_id = variant.id AND price.market = :home
        JOIN supplier_variants AS source ON source.id = variant.selling_id
        WHERE listing.stall_id = :stall
          AND listing.state = 'in_window'
          AND listing.deleted_at IS NULL
          AND price.offered
          AND price.price_minor IS NOT NULL
          :narrowed
        ORDER BY :each, source.available > 0 DESC, price.price_minor, variant.id
        LIMIT :most
        SQL;

    /** @return list<WindowGood> by title */
    public static function first(Stall $stall, int $most): array
    {
        return self::rows($stall, $most, '', []);
    }

    /** @return list<WindowGood> */
    public static function called(Stall $stall, string $words, int $most): array
    {
        return self::rows($stall, $most, 'AND listing.id IN (SELECT listings_titled(:words))', [
            'words' => '%'.addcslashes($words, '%_\\').'%',
        ]);
    }

    /**
     * @param  list<int>  $variants  of listings
     * @return list<WindowGood> those of them that are in the window
     */
    public static function those(Stall $stall, array $variants): array
    {
        return self::rows($stall, count($variants), 'AND variant.id = ANY(:variants)', [
            'variants' => PgArray::numbers($variants),
        ], 'listing.shown_title, listing.id, variant.id');
    }

    /**
     * @param  array<string, string>  $values
     * @param  string  $each  columns of which there is one row each
     * @return list<WindowGood>
     */
    private static function rows(
        Stall $stall,
        int $most,
        string $narrowed,
        array $values,
        string $each = 'listing.shown_title, listing.id',
    ): array {
        $rows = DB::select(strtr(self::ROWS, [':narrowed' => $narrowed, ':each' => $each]), [
            'home' => $stall->seen()->country,
            'stall' => $stall->id,
            'most' => $most,
        ] + $values);

        return array_values(array_map(static function (\stdClass $row) use ($stall): WindowGood {
            /** @var list<string> $tags */
            $tags = json_decode((string) $row->tags, true);

            return new WindowGood(
                listing: (int) $row->listing,
                variant: (int) $row->variant,
                source: (int) $row->source,
                title: (string) $row->title,
                price: $stall->money((int) $row->price),
                tags: $tags,
                type: (string) $row->type,
                shown: $stall->seen()->money((int) $row->shown),
            );
        }, $rows));
    }
}
