<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Where a stall sends, by which ways and at what charge, and when its suppliers pack. A stall that stands already sends to
 * its own country as it did; where it is sold to besides it hasn't sent anything yet.
 */
return new class extends Migration
{
    private const HOME = <<<'SQL'
        INSERT INTO places (stall_id, position, name, covers, ways, rules)
        SELECT id, 0, '',
            jsonb_build_array(jsonb_build_object('country', home_market, 'parts', '[]'::jsonb, 'postcodes', '')),
            jsonb_build_array(jsonb_build_object(
                'name', '', 'charge', jsonb_build_object('by', 'flat', 'amount', '0'), 'across', 'once',
                'free_over', null, 'prefers', 'cheapest', 'under', null
            )),
            '[]'::jsonb
        FROM stalls
        SQL;

    private const ABROAD = <<<'SQL'
        INSERT INTO places (stall_id, position, name, covers, ways, rules)
        SELECT market.stall_id, row_number() OVER (PARTITION BY market.stall_id ORDER BY market.market), '',
            jsonb_build_array(jsonb_build_object('country', market.market, 'parts', '[]'::jsonb, 'postcodes', '')),
            '[]'::jsonb, '[]'::jsonb
        FROM markets AS market
        JOIN stalls AS stall ON stall.id = market.stall_id
        WHERE market.sold AND market.market <> stall.home_market
        SQL;

    public function up(): void
    {
        Schema::create('places', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('position');
            // As it stands in a sentence; "" for the names of what it covers.
            $table->string('name', 80);
            $table->jsonb('covers');
            $table->jsonb('ways');
            $table->jsonb('rules');
            $table->index(['stall_id', 'position']);
        });
        DB::statement(self::HOME);
        DB::statement(self::ABROAD);
        DB::statement('ALTER TABLE places ENABLE ROW LEVEL SECURITY');
        DB::statement('CREATE POLICY one_stall ON places USING (stall_id = (SELECT current_stall()))');
        Schema::table('supplier_connections', function (Blueprint $table): void {
            $table->char('cut_off', 5)->nullable();
            $table->unsignedSmallInteger('packs_from')->default(0);
            $table->unsignedSmallInteger('packs_to')->default(0);
            $table->jsonb('closed_days')->default('[]');
        });
        Schema::table('stalls', fn (Blueprint $table) => $table->jsonb('closed_days')->default('[]'));
        Schema::table('baskets', function (Blueprint $table): void {
            // Where it is to go, and by which of the place's ways; null until the shopper says.
            $table->char('country', 2)->nullable();
            $table->string('part', 6)->nullable();
            $table->string('postcode', 20)->nullable();
            $table->unsignedSmallInteger('way')->nullable();
        });
        // By which way it goes, as the shopper chose it; "" where there was one only.
        Schema::table('orders', function (Blueprint $table): void {
            $table->string('way', 80)->default('');
            // ISO 3166-2, where addresses there name one.
            $table->string('part', 6)->default('');
        });
    }

    public function down(): void
    {
        Schema::table('orders', fn (Blueprint $table) => $table->dropColumn(['way', 'part']));
        Schema::table('baskets', fn (Blueprint $table) => $table->dropColumn(['country', 'part', 'postcode', 'way']));
        Schema::table('stalls', fn (Blueprint $table) => $table->dropColumn('closed_days'));
        Schema::table('supplier_connections', function (Blueprint $table): void {
            $table->dropColumn(['cut_off', 'packs_from', 'packs_to', 'closed_days']);
        });
        Schema::drop('places');
    }
};
