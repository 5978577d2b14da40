<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * Finds orders by some of their words with the index. Behind row-level security PostgreSQL must not use it for LIKE, which isn't
 * leakproof (https://www.postgresql.org/docs/15/rules-privileges.html); the function looks within the stall only and says no more
 * than which orders they are. The index is kept whole, without the list of what came last that each search would read through.
 */
return new class extends Migration
{
    private const SOUGHT = <<<'SQL'
        CREATE FUNCTION orders_sought(words text, most integer) RETURNS SETOF bigint
        LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
        AS $body$
            SELECT id
            FROM orders
            WHERE stall_id = (SELECT current_stall())
              AND sought LIKE words
            LIMIT most
        $body$
        SQL;

    public function up(): void
    {
        DB::statement(self::SOUGHT);
        DB::statement('ALTER INDEX orders_sought SET (fastupdate = off)');
    }

    public function down(): void
    {
        DB::statement('ALTER INDEX orders_sought RESET (fastupdate)');
        DB::statement('DROP FUNCTION orders_sought(text, integer)');
    }
};
