<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** The clock that only the digest went by is the stall's. */
return new class extends Migration
{
    private const DUE = <<<'SQL'
        CREATE OR REPLACE FUNCTION digests_due(at timestamptz, most int) RETURNS TABLE (stall bigint, number bigint)
        LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $body$
            SELECT id, id
            FROM stalls
            CROSS JOIN LATERAL (SELECT at AT TIME ZONE zone AS clock) AS local
            WHERE digest_hour <= extract(hour FROM local.clock)
              AND (digest_sent_on IS NULL OR digest_sent_on < local.clock::date)
            ORDER BY id
            LIMIT most
        $body$
        SQL;

    public function up(): void
    {
        DB::statement('ALTER TABLE stalls RENAME COLUMN digest_zone TO zone');
        DB::statement(self::DUE);
    }

    public function down(): void
    {
        DB::statement('ALTER TABLE stalls RENAME COLUMN zone TO digest_zone');
        DB::statement(str_replace('TIME ZONE zone', 'TIME ZONE digest_zone', self::DUE));
    }
};
