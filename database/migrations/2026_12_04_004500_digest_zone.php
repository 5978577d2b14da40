<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The hour of the digest is one of the seller's own clock, in winter and in summer. */
return new class extends Migration
{
    private const DUE = <<<'SQL'
        CREATE FUNCTION digests_due(at timestamptz, most int) RETURNS TABLE (stall bigint, number bigint)
        LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $body$
            SELECT id, id
            FROM stalls
            CROSS JOIN LATERAL (SELECT at AT TIME ZONE digest_zone AS clock) AS local
            WHERE digest_hour <= extract(hour FROM local.clock)
              AND (digest_sent_on IS NULL OR digest_sent_on < local.clock::date)
            ORDER BY id
            LIMIT most
        $body$
        SQL;

    public function up(): void
    {
        Schema::table('stalls', function (Blueprint $table): void {
            // An IANA name, as browsers give it.
            $table->string('digest_zone', 64)->default('UTC');
        });
        DB::statement('DROP FUNCTION digests_due(date, int, int)');
        DB::statement(self::DUE);
    }
};
