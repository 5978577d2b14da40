<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What was read already is known by its bytes, and what was said anew and isn't worked in yet is marked. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('ALTER TABLE supplier_items ADD raw_hash text');
        // By what delivery, duty and rates its goods were landed last.
        DB::statement('ALTER TABLE supplier_connections ADD landed_by text');
        // Apart from the goods, whose many indexes a mark would have written anew each time.
        Schema::create('unsettled_items', function (Blueprint $table): void {
            $table->foreignId('supplier_item_id')->primary()->constrained()->cascadeOnDelete();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('connection_id')->index()->constrained('supplier_connections')->cascadeOnDelete();
            // Whether it is called otherwise than before, so that the words one searches by have to be learnt anew.
            $table->boolean('renamed');
            $table->index('stall_id');
        });
        DB::statement('ALTER TABLE unsettled_items ENABLE ROW LEVEL SECURITY');
        DB::statement('CREATE POLICY one_stall ON unsettled_items USING (stall_id = (SELECT current_stall()))');
        DB::statement(<<<'SQL'
            INSERT INTO unsettled_items (supplier_item_id, stall_id, connection_id, renamed)
            SELECT id, stall_id, connection_id, true
            FROM supplier_items
            SQL);
    }

    public function down(): void
    {
        Schema::drop('unsettled_items');
        DB::statement('ALTER TABLE supplier_connections DROP landed_by');
        DB::statement('ALTER TABLE supplier_items DROP raw_hash');
    }
};
