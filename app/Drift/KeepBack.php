<?php

declare(strict_types=1);

namespace WindowStall\Drift;

use Illuminate\Support\Facades\DB;
use WindowStall\Source\SupplierConnection;

/**
 * How many pieces of each variant of a supplier are kept back: what its listing says, else what is said for the supplier;
 * where several listings sell it, the most.
 */
final class KeepBack
{
    private const WRITE = <<<'SQL'
        UPDATE supplier_variants AS variant
        SET kept_back = wanted.pieces
        FROM (
            SELECT sold.id, coalesce(max(listing.own_kept_back), max(supplier.kept_back)) AS pieces
            FROM supplier_variants AS sold
            JOIN supplier_items AS item ON item.id = sold.supplier_item_id
            JOIN supplier_connections AS supplier ON supplier.id = item.connection_id
            LEFT JOIN listing_variants AS offered ON offered.supplier_variant_id = sold.id
            LEFT JOIN listings AS listing ON listing.id = offered.listing_id AND listing.deleted_at IS NULL
            WHERE item.connection_id = ?
            GROUP BY sold.id
        ) AS wanted
        WHERE wanted.id = variant.id
          AND variant.kept_back <> wanted.pieces
        SQL;

    public static function of(SupplierConnection $connection): void
    {
        DB::update(self::WRITE, [$connection->id]);
    }
}
