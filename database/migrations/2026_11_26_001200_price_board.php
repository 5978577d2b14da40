<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What the price board reads at size, and delivery built into prices. For a while the migration before made some of it;
 * what is there stays.
 */
return new class extends Migration
{
    public function up(): void
    {
        if (! Schema::hasColumn('stalls', 'built_in_minor')) {
            // A charge for delivery that recipes build into their prices instead.
            Schema::table('stalls', fn (Blueprint $table) => $table->unsignedBigInteger('built_in_minor')->nullable());
        }
        if (! Schema::hasColumn('prices', 'offered')) {
            // Whether the variant is switched on; kept here so that the board needs no other table to filter and sort.
            Schema::table('prices', fn (Blueprint $table) => $table->boolean('offered')->default(true));
            DB::statement(
                'UPDATE prices p SET offered = v.own_on FROM listing_variants v WHERE v.id = p.listing_variant_id AND NOT v.own_on',
            );
            DB::statement(<<<'SQL'
                DELETE FROM prices AS price
                USING listing_variants AS variant
                JOIN listings AS listing ON listing.id = variant.listing_id
                WHERE variant.id = price.listing_variant_id
                  AND listing.deleted_at IS NOT NULL
                SQL);
        }
        DB::statement('CREATE INDEX IF NOT EXISTS listings_by_title ON listings (stall_id, shown_title, id)');
        DB::statement(
            'CREATE INDEX IF NOT EXISTS listings_title_words ON listings USING gin (shown_title gin_trgm_ops)',
        );
        DB::statement(
            'CREATE INDEX IF NOT EXISTS supplier_variants_sku ON supplier_variants (lower(sku) text_pattern_ops)',
        );
        DB::statement('CREATE INDEX IF NOT EXISTS listing_variants_supplier ON listing_variants (supplier_variant_id)');
    }
};
