<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Orders whose pieces were taken aside for longer than that may last, and which nobody has in hand. */
return new class extends Migration
{
    private const OVER = <<<'SQL'
        CREATE FUNCTION reservations_over(at timestamp, most int) RETURNS TABLE (stall bigint, number bigint)
        LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
        AS $body$
            SELECT stall_id, id
            FROM orders
            WHERE reserved_until < at
              AND (settling_until IS NULL OR settling_until < at)
            ORDER BY reserved_until
            LIMIT most
        $body$
        SQL;

    public function up(): void
    {
        DB::statement(self::OVER);
        DB::statement('CREATE INDEX orders_reserved ON orders (reserved_until) WHERE reserved_until IS NOT NULL');
    }

    public function down(): void
    {
        DB::statement('DROP INDEX orders_reserved');
        DB::statement('DROP FUNCTION reservations_over(timestamp, int)');
    }
};
