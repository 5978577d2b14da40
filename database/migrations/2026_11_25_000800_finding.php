<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Finding goods: what an item costs landed, market by market; the words that titles are made of, for forgiving typos;
 * searches worth keeping.
 */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('CREATE EXTENSION IF NOT EXISTS pg_trgm');
        // Everything that items are filtered, counted and sorted by, in narrow rows, market by market; made again after
        // each pull.
        Schema::create('item_landings', function (Blueprint $table): void {
            $table->foreignId('supplier_item_id')->constrained()->cascadeOnDelete();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('connection_id')->constrained('supplier_connections')->cascadeOnDelete();
            // The cheapest variant landed, in the stall's currency; null where nothing is delivered to the market.
            $table->unsignedBigInteger('landed_minor')->nullable();
            $table->unsignedBigInteger('goods_minor')->nullable();
            $table->unsignedBigInteger('delivery_minor')->nullable();
            $table->integer('stock');
            $table->unsignedInteger('variants');
            $table->unsignedSmallInteger('rating')->nullable();
            $table->unsignedSmallInteger('days_min')->nullable();
            $table->unsignedSmallInteger('days_max')->nullable();
            $table->char('market', 2);
            $table->char('warehouse', 2)->nullable();
            $table->string('category', 120);
            $table->primary(['supplier_item_id', 'market']);
            $table->index(['stall_id', 'market']);
            $table->index('connection_id');
        });
        Schema::table('supplier_items', function (Blueprint $table): void {
            $table->dropColumn([
                'goods_minor',
                'delivery_minor',
                'landed_minor',
                'days_min',
                'days_max',
                'warehouse',
                'seen_in_run',
            ]);
            $table->index(['stall_id', 'id']);
        });
        Schema::table('supplier_variants', function (Blueprint $table): void {
            $table->index('barcode');
        });
        Schema::create('markets', function (Blueprint $table): void {
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->char('market', 2);
            $table->timestamp('landed_at')->nullable();
            $table->primary(['stall_id', 'market']);
        });
        Schema::create('search_words', function (Blueprint $table): void {
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->string('word', 60);
            $table->unsignedInteger('items');
            $table->primary(['stall_id', 'word']);
        });
        DB::statement('CREATE INDEX search_words_alike ON search_words USING gin (word gin_trgm_ops)');
        Schema::create('saved_searches', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->jsonb('query');
            $table->timestamps();
            $table->unique(['stall_id', 'name']);
        });
        Schema::table('stalls', function (Blueprint $table): void {
            // What the shop promises: at the shopper's door within so many working days.
            $table->unsignedSmallInteger('promise_days')->default(10);
        });
    }
};
