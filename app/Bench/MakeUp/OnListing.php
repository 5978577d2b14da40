<?php

declare(strict_types=1);

namespace WindowStall\Bench\MakeUp;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Source\SupplierVariant;
use WindowStall\Support\PgArray;

/**
 * Takes variants off their listing, and puts them on. One that was taken off stands in no listing; orders, what shoppers
 * were asked and what its supplier said of it go on naming it, and put on again it is the one it was.
 */
final class OnListing
{
    private const LEAVE = <<<'SQL'
        UPDATE listing_variants
        SET left_listing_id = listing_id, listing_id = NULL
        WHERE id = ANY (?::bigint[])
          AND listing_id IS NOT NULL
        SQL;

    /** The one that left last, where there are several; no price of it waits any longer. */
    private const COME_BACK = <<<'SQL'
        UPDATE listing_variants
        SET listing_id = left_listing_id, left_listing_id = NULL, external_id = ?, own_on = ?,
            waiting_price_minor = NULL
        WHERE id = (
            SELECT id
            FROM listing_variants
            WHERE left_listing_id = ?
              AND supplier_variant_id = ?
            ORDER BY id DESC
            LIMIT 1
        )
        SQL;

    /** @param  array<int>  $variants */
    public static function takeOff(array $variants): void
    {
        $ids = PgArray::numbers(array_values($variants));
        DB::delete('DELETE FROM variant_sources WHERE listing_variant_id = ANY (?::bigint[])', [$ids]);
        // What isn't sold has no price.
        DB::delete('DELETE FROM prices WHERE listing_variant_id = ANY (?::bigint[])', [$ids]);
        DB::update(self::LEAVE, [$ids]);
    }

    /** The supplier's variant in a listing, where it isn't there already: the one that left, else a new one. */
    public static function putOn(Listing $listing, SupplierVariant $variant, bool $on): void
    {
        $of = ['listing_id' => $listing->id, 'supplier_variant_id' => $variant->id];
        if (ListingVariant::query()->where($of)->exists()) {
            return;
        }
        $back = [$variant->external_id, $on, $listing->id, $variant->id];
        DB::update(self::COME_BACK, $back) > 0 ||
            ListingVariant::query()->insertOrIgnore($of + [
                'external_id' => $variant->external_id,
                'position' => $variant->position,
                'own_on' => $on,
            ]);
    }
}
