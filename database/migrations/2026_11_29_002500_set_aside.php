<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Pulls are judged before anything of them is used; those in which something is amiss are kept for a person. */
return new class extends Migration
{
    public function up(): void
    {
        // What a pull meets lies in a table of its session now.
        Schema::drop('run_seen');
        Schema::create('set_aside_items', function (Blueprint $table): void {
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('run_id')->constrained()->cascadeOnDelete();
            $table->string('external_id', 80);
            // Null where it says what it said before.
            $table->text('said')->nullable();
            $table->primary(['run_id', 'external_id']);
            $table->index('stall_id');
        });
        DB::statement('ALTER TABLE set_aside_items ENABLE ROW LEVEL SECURITY');
        DB::statement('CREATE POLICY one_stall ON set_aside_items USING (stall_id = (SELECT current_stall()))');
        Schema::table('supplier_connections', function (Blueprint $table): void {
            // How much one pull may end, empty or halve; what isn't said is as the program begins.
            $table->jsonb('guards')->default('{}');
        });
    }

    public function down(): void
    {
        Schema::table('supplier_connections', function (Blueprint $table): void {
            $table->dropColumn('guards');
        });
        Schema::drop('set_aside_items');
        DB::statement('CREATE UNLOGGED TABLE run_seen (run_id bigint NOT NULL, external_id varchar(80) NOT NULL)');
    }
};
