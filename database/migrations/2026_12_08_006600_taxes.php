<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Rates of tax besides each market's standard one: for parts of countries and postcodes, for goods at reduced rates, from a day
 * on; which goods have which class; how a market's delivery is taxed and its tax rounded. Orders keep their tax by rate.
 */
return new class extends Migration
{
    private const TABLES = ['tax_rates', 'tax_classes'];

    /** Of each stall one before the second of any, as the other sweeps. */
    private const DUE = <<<'SQL'
        CREATE FUNCTION taxes_due(at timestamptz, most int) RETURNS TABLE (stall bigint, number bigint)
        LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $body$
            SELECT rate.stall_id, rate.stall_id
            FROM tax_rates AS rate
            JOIN stalls AS stall ON stall.id = rate.stall_id
            WHERE NOT rate.turned
              AND rate.from_day <= (at AT TIME ZONE stall.zone)::date
            GROUP BY rate.stall_id
            ORDER BY min(rate.from_day), rate.stall_id
            LIMIT most
        $body$
        SQL;

    public function up(): void
    {
        Schema::create('tax_rates', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->char('country', 2);
            $table->jsonb('parts')->default('[]');
            $table->text('postcodes')->nullable();
            $table->string('class', 8);
            $table->unsignedInteger('rate_millionths');
            $table->date('from_day');
            $table->string('source', 200)->default('');
            // Whether prices have been made with it.
            $table->boolean('turned')->default(true);
            $table->index('stall_id');
        });
        DB::statement('CREATE INDEX tax_rates_to_turn ON tax_rates (from_day) WHERE NOT turned');
        Schema::create('tax_classes', function (Blueprint $table): void {
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            // type: what goods are; listing: its number
            $table->string('by', 8);
            $table->string('value', 120);
            $table->string('class', 8);
            $table->primary(['stall_id', 'by', 'value']);
        });
        foreach (self::TABLES as $table) {
            DB::statement("ALTER TABLE $table ENABLE ROW LEVEL SECURITY");
            DB::statement("CREATE POLICY one_stall ON $table USING (stall_id = (SELECT current_stall()))");
        }
        DB::statement(self::DUE);
        foreach (['stalls', 'markets'] as $table) {
            Schema::table($table, function (Blueprint $table): void {
                $table->string('delivery_tax', 8)->default('shared');
                $table->string('tax_rounding', 5)->default('order');
            });
        }
        Schema::table('markets', function (Blueprint $table): void {
            // Businesses registered there buy without tax.
            $table->boolean('reverse_charge')->default(false);
            // Sales of a year from which on tax is owed there, in the market's currency.
            $table->unsignedBigInteger('tax_threshold_minor')->nullable();
        });
        Schema::table('orders', function (Blueprint $table): void {
            $table->jsonb('taxes')->default('[]');
            $table->string('company', 120)->default('');
            $table->string('tax_number', 20)->default('');
            $table->boolean('reverse_charge')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('orders', fn (Blueprint $t) => $t->dropColumn(['taxes', 'company', 'tax_number', 'reverse_charge']));
        Schema::table('markets', fn (Blueprint $t) => $t->dropColumn(['reverse_charge', 'tax_threshold_minor']));
        foreach (['stalls', 'markets'] as $table) {
            Schema::table($table, fn (Blueprint $t) => $t->dropColumn(['delivery_tax', 'tax_rounding']));
        }
        DB::statement('DROP FUNCTION taxes_due(timestamptz, int)');
        foreach (array_reverse(self::TABLES) as $table) {
            Schema::drop($table);
        }
    }
};
