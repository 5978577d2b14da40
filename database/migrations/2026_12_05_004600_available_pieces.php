<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What a supplier takes no order for, such as a print house's plain blank, has no pieces that can be sold; how many
 * there are to sell is worked out in one place.
 */
return new class extends Migration
{
    private const NO_PLAIN_BLANKS = <<<'SQL'
        UPDATE supplier_variants AS variant
        SET to_order = false
        FROM supplier_items AS item
        WHERE item.id = variant.supplier_item_id
          AND item.methods IS NOT NULL
        SQL;

    private const AVAILABLE = <<<'SQL'
        ALTER TABLE supplier_variants
        ADD COLUMN available integer NOT NULL GENERATED ALWAYS AS (
            CASE
                WHEN gone_at IS NOT NULL OR NOT to_order THEN 0
                ELSE least(2147483647, greatest(0, stock::bigint - out_of_reach - promised - kept_back))::integer
            END
        ) STORED
        SQL;

    public function up(): void
    {
        Schema::table('supplier_variants', function (Blueprint $table): void {
            $table->boolean('to_order')->default(true);
        });
        DB::statement(self::NO_PLAIN_BLANKS);
        DB::statement(self::AVAILABLE);
    }

    public function down(): void
    {
        Schema::table('supplier_variants', fn (Blueprint $table) => $table->dropColumn(['available', 'to_order']));
    }
};
