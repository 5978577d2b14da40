<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What moves fast, stock and cost, can be asked for more often than the rest. */
return new class extends Migration
{
    private const DUE = <<<'SQL'
        CREATE OR REPLACE FUNCTION moving_due(at timestamp, most int) RETURNS TABLE (stall bigint, number bigint)
        LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $body$
            SELECT stall_id, id
            FROM supplier_connections
            WHERE moving_next_at <= at
              AND disconnected_at IS NULL
              AND paused_at IS NULL
            ORDER BY moving_next_at
            LIMIT most
        $body$
        SQL;

    public function up(): void
    {
        Schema::table('supplier_connections', function (Blueprint $table): void {
            // Minutes; null: with the rest.
            $table->unsignedSmallInteger('moving_every')->nullable();
            $table->timestamp('moving_next_at')->nullable()->index();
        });
        DB::statement(self::DUE);
    }

    public function down(): void
    {
        DB::statement('DROP FUNCTION moving_due(timestamp, int)');
        Schema::table('supplier_connections', function (Blueprint $table): void {
            $table->dropColumn(['moving_every', 'moving_next_at']);
        });
    }
};
