<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What goods in the window cost in markets abroad, as their shoppers find and sort them; and orders in the currency of the
 * market they were placed in.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('goods_abroad', function (Blueprint $table): void {
            // As with shelf_goods: they come and go by the thousand, with the rows of goods_facts.
            $table->unsignedBigInteger('listing_id');
            $table->char('market', 2);
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('price_minor');
            $table->unsignedBigInteger('price_to_minor');
            $table->boolean('buyable');
            $table->boolean('was');
            $table->integer('days_min')->nullable();
            $table->integer('days_max')->nullable();
            $table->primary(['listing_id', 'market']);
            $table->index(['stall_id', 'market', 'listing_id']);
        });
        DB::statement('ALTER TABLE goods_abroad ENABLE ROW LEVEL SECURITY');
        DB::statement('CREATE POLICY one_stall ON goods_abroad USING (stall_id = (SELECT current_stall()))');
        Schema::table('orders', function (Blueprint $table): void {
            $table->char('home_currency', 3)->nullable();
            // What one unit of its currency was worth in the stall's, the day it was placed.
            $table->decimal('rate', 20, 10)->default(1);
        });
        DB::statement('UPDATE orders SET home_currency = currency');
        DB::statement('ALTER TABLE orders ALTER home_currency SET NOT NULL');
        Schema::table('basket_lines', fn (Blueprint $table) => $table->char('seen_currency', 3)->nullable());
    }

    public function down(): void
    {
        Schema::table('basket_lines', fn (Blueprint $table) => $table->dropColumn('seen_currency'));
        Schema::table('orders', fn (Blueprint $table) => $table->dropColumn(['home_currency', 'rate']));
        Schema::drop('goods_abroad');
    }
};
