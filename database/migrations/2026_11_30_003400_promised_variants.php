<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Each pull recounts what is promised; few of a supplier's variants are. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            CREATE INDEX supplier_variants_promised ON supplier_variants (supplier_item_id) WHERE promised <> 0
            SQL);
    }

    public function down(): void
    {
        DB::statement('DROP INDEX supplier_variants_promised');
    }
};
