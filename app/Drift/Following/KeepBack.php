<?php

declare(strict_types=1);

namespace WindowStall\Drift\Following;

use Illuminate\Support\Facades\DB;
use WindowStall\Source\SupplierConnection;

/**
 * How many pieces of each variant of a supplier are kept back: what its listing says, else what is said for the
 * supplier; where several listings sell it, the most.
 */
final class KeepBack
{
    private const AS_THE_SUPPLIERS = <<<'SQL'
        UPDATE supplier_variants AS variant
        SET kept_back = :pieces
        FROM supplier_items AS item
        WHERE item.id = variant.supplier_item_id
          AND item.connection_id = :connection
          AND (:all::boolean OR item.id IN (
              SELECT supplier_item_id FROM unsettled_items WHERE connection_id = :connection
          ))
          AND variant.kept_back <> :pieces
          AND NOT EXISTS (
              SELECT 1
              FROM listing_variants AS offered
              JOIN listings AS listing ON listing.id = offered.listing_id
              WHERE offered.supplier_variant_id = variant.id
                AND listing.own_kept_back IS NOT NULL
                AND listing.deleted_at IS NULL
          )
        SQL;

    private const AS_LISTINGS_SAY = <<<'SQL'
        UPDATE supplier_variants AS variant
        SET kept_back = own.pieces
        FROM (
            SELECT offered.supplier_variant_id AS id, max(listing.own_kept_back) AS pieces
            FROM listings AS listing
            JOIN listing_variants AS offered ON offered.listing_id = listing.id
            WHERE listing.stall_id = :stall
              AND listing.own_kept_back IS NOT NULL
              AND listing.deleted_at IS NULL
            GROUP BY offered.supplier_variant_id
        ) AS own
        WHERE own.id = variant.id
          AND variant.kept_back <> own.pieces
        SQL;

    /** @param  bool  $all  whether of all its variants; else of goods of which something was said */
    public static function of(SupplierConnection $connection, bool $all = true): void
    {
        DB::update(self::AS_THE_SUPPLIERS, [
            'connection' => $connection->id,
            'pieces' => $connection->kept_back,
            'all' => $all ? 't' : 'f',
        ]);
        DB::update(self::AS_LISTINGS_SAY, ['stall' => $connection->stall_id]);
    }
}
