<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A mail in the morning with what asks on the drift desk. */
return new class extends Migration
{
    private const DUE = <<<'SQL'
        CREATE OR REPLACE FUNCTION digests_due(today date, hour int, most int) RETURNS TABLE (stall bigint, number bigint)
        LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $body$
            SELECT id, id
            FROM stalls
            WHERE digest_hour <= hour
              AND (digest_sent_on IS NULL OR digest_sent_on < today)
            ORDER BY id
            LIMIT most
        $body$
        SQL;

    public function up(): void
    {
        Schema::table('stalls', function (Blueprint $table): void {
            // UTC; null: no mail.
            $table->smallInteger('digest_hour')->nullable();
            $table->date('digest_sent_on')->nullable();
        });
        DB::statement(self::DUE);
    }

    public function down(): void
    {
        DB::statement('DROP FUNCTION digests_due(date, int, int)');
        Schema::table('stalls', fn (Blueprint $table) => $table->dropColumn(['digest_hour', 'digest_sent_on']));
    }
};
