<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * What may be sold, said once: whether a price is under its floor and which variant sells are columns, and the rule made
 * of them a function, as `Core\Bench\MayBeSold` has it.
 */
return new class extends Migration
{
    private const OFFERED = <<<'SQL'
        CREATE FUNCTION may_be_offered(switched_on boolean, price_minor bigint, under_floor boolean, knowingly boolean)
        RETURNS boolean
        LANGUAGE sql IMMUTABLE PARALLEL SAFE
        RETURN switched_on AND COALESCE(price_minor, 0) > 0 AND (knowingly OR NOT COALESCE(under_floor, false))
        SQL;

    public function up(): void
    {
        DB::statement(<<<'SQL'
            ALTER TABLE prices ADD COLUMN under_floor boolean NOT NULL
            GENERATED ALWAYS AS (COALESCE(above_floor_minor, 0) < 0 OR COALESCE(keep_minor, 0) < 0) STORED
            SQL);
        DB::statement(<<<'SQL'
            ALTER TABLE listing_variants ADD COLUMN selling_id bigint NOT NULL
            GENERATED ALWAYS AS (COALESCE(sold_variant_id, supplier_variant_id)) STORED
            SQL);
        DB::statement('CREATE INDEX listing_variants_selling ON listing_variants (selling_id)');
        DB::statement('DROP INDEX prices_under_floor');
        DB::statement('CREATE INDEX prices_under_floor ON prices (stall_id, market) WHERE under_floor');
        DB::statement(self::OFFERED);
    }

    public function down(): void
    {
        DB::statement('DROP FUNCTION may_be_offered(boolean, bigint, boolean, boolean)');
        DB::statement('ALTER TABLE listing_variants DROP COLUMN selling_id');
        DB::statement('ALTER TABLE prices DROP COLUMN under_floor');
        DB::statement('CREATE INDEX prices_under_floor ON prices (stall_id, market) WHERE above_floor_minor < 0');
    }
};
