<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What a listing keeps at least stands beside what it asks at least: the bench orders the window by it. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('ALTER TABLE listings ADD COLUMN shown_keep_minor bigint');
        DB::update(<<<'SQL'
            UPDATE listings AS listing
            SET shown_keep_minor = kept.least
            FROM (
                SELECT variant.listing_id, min(price.keep_minor) AS least
                FROM listing_variants AS variant
                JOIN listings AS owner ON owner.id = variant.listing_id
                JOIN stalls AS stall ON stall.id = owner.stall_id
                JOIN prices AS price ON price.listing_variant_id = variant.id AND price.market = stall.home_market
                WHERE variant.own_on
                GROUP BY variant.listing_id
            ) AS kept
            WHERE listing.id = kept.listing_id
            SQL);
        DB::statement(<<<'SQL'
            CREATE INDEX listings_by_keep ON listings (stall_id, state, shown_keep_minor DESC NULLS LAST, id DESC)
            WHERE deleted_at IS NULL
            SQL);
    }

    public function down(): void
    {
        DB::statement('DROP INDEX listings_by_keep');
        DB::statement('ALTER TABLE listings DROP COLUMN shown_keep_minor');
    }
};
