<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What suppliers changed, listing by listing and fact by fact: what became of it, by which rule, and what it does in
 * money.
 *
 * What was agreed stands in the listing itself (waiting) as long as a change waits.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('drift_changes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('listing_id')->constrained()->cascadeOnDelete();
            $table->foreignId('connection_id')->constrained('supplier_connections')->cascadeOnDelete();
            $table->foreignId('supplier_item_id')->constrained()->cascadeOnDelete();
            $table->foreignId('listing_variant_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('run_id')->nullable()->constrained()->nullOnDelete();
            $table->string('kind', 20);
            // The supplier's id, or empty for the item.
            $table->string('variant', 80)->default('');
            $table->string('about', 300);
            $table->text('before');
            $table->text('after');
            $table->jsonb('said')->nullable();
            $table->string('standing', 10);
            $table->string('rule', 200);
            $table->integer('moved_bp')->nullable();
            // Of one sale at home, in the stall's currency: as it was, if what was agreed stays, if it counts.
            foreach (['was', 'kept', 'agreed'] as $when) {
                $table->bigInteger('price_'.$when)->nullable();
                $table->bigInteger('keep_'.$when)->nullable();
            }
            $table->boolean('under_floor')->default(false);
            // The step in which a person decided, and how it stood before.
            $table->foreignId('change_id')->nullable()->constrained('bench_changes')->nullOnDelete();
            $table->string('stood', 10)->nullable();
            $table->foreignId('decided_by')->nullable()->constrained('users')->nullOnDelete();
            $table->timestamp('decided_at')->nullable();
            $table->timestamp('at');
            $table->index(['stall_id', 'standing', 'id']);
            $table->index(['listing_id', 'id']);
            foreach (
                ['connection_id', 'supplier_item_id', 'listing_variant_id', 'run_id', 'change_id', 'decided_by'] as $key
            ) {
                $table->index($key);
            }
        });
        // One question at a time about a fact.
        DB::statement(
            'CREATE UNIQUE INDEX drift_one_question ON drift_changes (listing_id, supplier_item_id, kind, variant) '.
                "WHERE standing = 'asks'",
        );
        Schema::create('drift_rule_changes', function (Blueprint $table): void {
            $table->foreignId('change_id')->constrained('bench_changes')->cascadeOnDelete();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('connection_id')->constrained('supplier_connections')->cascadeOnDelete();
            $table->jsonb('before');
            $table->primary(['change_id', 'connection_id']);
            $table->index('stall_id');
            $table->index('connection_id');
        });
        foreach (['drift_changes', 'drift_rule_changes'] as $name) {
            DB::statement("ALTER TABLE $name ENABLE ROW LEVEL SECURITY");
            DB::statement("CREATE POLICY one_stall ON $name USING (stall_id = (SELECT current_stall()))");
        }
        Schema::table('listings', function (Blueprint $table): void {
            // What was agreed of title, words and pictures, as long as something else waits.
            $table->jsonb('waiting')->default('{}');
            $table->jsonb('own_policies')->default('{}');
            // Whether it was seen that the supplier doesn't have it any more.
            $table->boolean('supplier_gone')->default(false);
        });
        Schema::table('listing_variants', function (Blueprint $table): void {
            // The price that stands while a cost waits.
            $table->unsignedBigInteger('waiting_price_minor')->nullable();
        });
        Schema::table('supplier_connections', function (Blueprint $table): void {
            $table->jsonb('policies')->default('{}');
        });
        Schema::table('stalls', function (Blueprint $table): void {
            $table->jsonb('drift_policies')->default('{}');
        });
    }

    public function down(): void
    {
        Schema::table('stalls', fn (Blueprint $table) => $table->dropColumn('drift_policies'));
        Schema::table('supplier_connections', fn (Blueprint $table) => $table->dropColumn('policies'));
        Schema::table('listing_variants', fn (Blueprint $table) => $table->dropColumn('waiting_price_minor'));
        Schema::table(
            'listings',
            fn (Blueprint $table) => $table->dropColumn(['waiting', 'own_policies', 'supplier_gone']),
        );
        Schema::drop('drift_rule_changes');
        Schema::drop('drift_changes');
    }
};
