<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Connections, pulls, and what suppliers say.
 *
 * supplier_words keeps every version of an item as said; supplier_items and supplier_variants hold the latest in
 * columns that can be searched, with the landed cost to the stall's home market worked out at the pull.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('supplier_connections', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->uuid('public_id')->unique();
            $table->string('kind', 20);
            $table->string('name', 80);
            $table->string('address', 300);
            $table->text('secrets');
            $table->timestamp('pulled_at')->nullable();
            $table->text('trouble')->nullable();
            $table->timestamps();
            $table->unique(['stall_id', 'kind', 'address']);
        });
        Schema::create('runs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('connection_id')->constrained('supplier_connections')->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('state', 12);
            $table->string('doing', 160)->default('');
            $table->unsignedInteger('total')->nullable();
            $table->unsignedInteger('done')->default(0);
            $table->jsonb('counts')->default('{}');
            $table->text('trouble')->nullable();
            $table->timestamp('started_at')->nullable();
            $table->timestamp('ended_at')->nullable();
            $table->timestamps();
            $table->index(['stall_id', 'id']);
        });
        // One pull at a time for a connection, whatever two people press.
        DB::statement(
            "CREATE UNIQUE INDEX runs_one_open ON runs (connection_id) WHERE state IN ('waiting', 'running')",
        );
        Schema::create('supplier_items', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('connection_id')->constrained('supplier_connections')->cascadeOnDelete();
            $table->string('external_id', 80);
            $table->string('title', 400);
            $table->string('category', 120);
            $table->string('picture', 600)->nullable();
            $table->char('currency', 3);
            $table->char('content_hash', 32);
            $table->unsignedBigInteger('words_id')->nullable();
            $table->unsignedSmallInteger('rating')->nullable();
            $table->unsignedInteger('variants_count')->default(0);
            $table->integer('stock')->default(0);
            $table->unsignedBigInteger('cost_minor')->nullable();
            $table->unsignedBigInteger('goods_minor')->nullable();
            $table->unsignedBigInteger('delivery_minor')->nullable();
            $table->unsignedBigInteger('landed_minor')->nullable();
            $table->unsignedSmallInteger('days_min')->nullable();
            $table->unsignedSmallInteger('days_max')->nullable();
            $table->char('warehouse', 2)->nullable();
            $table->text('skus')->default('');
            $table->unsignedBigInteger('seen_in_run')->nullable();
            $table->timestamp('gone_at')->nullable();
            $table->timestamps();
            $table->unique(['connection_id', 'external_id']);
            $table->index(['stall_id', 'landed_minor', 'id']);
            $table->index(['stall_id', 'days_max', 'id']);
            $table->index(['stall_id', 'title', 'id']);
        });
        DB::statement(
            "ALTER TABLE supplier_items ADD COLUMN search tsvector GENERATED ALWAYS AS (to_tsvector('english', title ".
                "|| ' ' || category) || to_tsvector('simple', skus)) STORED",
        );
        DB::statement('CREATE INDEX supplier_items_search ON supplier_items USING gin (search)');
        Schema::create('supplier_words', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('supplier_item_id')->constrained()->cascadeOnDelete();
            $table->char('content_hash', 32);
            $table->jsonb('said');
            $table->timestamp('said_at');
            $table->index(['supplier_item_id', 'id']);
        });
        Schema::create('supplier_variants', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('supplier_item_id')->constrained()->cascadeOnDelete();
            $table->string('external_id', 80);
            $table->string('sku', 80);
            $table->string('barcode', 20)->nullable();
            $table->string('label', 300);
            $table->unsignedInteger('position');
            $table->unsignedBigInteger('cost_minor');
            $table->integer('stock');
            // Sold by this stall but not yet taken off the supplier's own count.
            $table->integer('promised')->default(0);
            $table->unsignedBigInteger('goods_minor')->nullable();
            $table->unsignedBigInteger('delivery_minor')->nullable();
            $table->unsignedBigInteger('landed_minor')->nullable();
            $table->unsignedSmallInteger('days_min')->nullable();
            $table->unsignedSmallInteger('days_max')->nullable();
            $table->char('warehouse', 2)->nullable();
            $table->string('method', 40)->nullable();
            $table->timestamp('gone_at')->nullable();
            $table->unique(['supplier_item_id', 'external_id']);
        });
        Schema::create('delivery_quotes', function (Blueprint $table): void {
            $table->foreignId('connection_id')->constrained('supplier_connections')->cascadeOnDelete();
            $table->char('warehouse', 2);
            $table->char('destination', 2);
            $table->unsignedInteger('grams');
            $table->jsonb('methods');
            $table->timestamp('quoted_at');
            $table->primary(['connection_id', 'warehouse', 'destination', 'grams']);
        });
    }
};
