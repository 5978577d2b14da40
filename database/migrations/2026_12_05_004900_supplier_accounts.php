<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A supplier sends the news of one account to one address, however many stalls it serves: whose account a connection is of
 * is known, and when its news came and was missed.
 */
return new class extends Migration
{
    /** The connections that news of an account is for; numbers only. */
    private const OF_ACCOUNT = <<<'SQL'
        CREATE OR REPLACE FUNCTION connections_of_account(known_as uuid)
        RETURNS TABLE (stall bigint, connection bigint)
        LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
        AS $body$
            SELECT stall_id, id
            FROM supplier_connections
            WHERE (account = known_as OR (account IS NULL AND public_id = known_as))
              AND disconnected_at IS NULL
            ORDER BY id
        $body$
        SQL;

    public function up(): void
    {
        Schema::table('supplier_connections', function (Blueprint $table): void {
            $table->uuid('account')->nullable()->index();
            $table->timestamp('heard_at')->nullable();
            $table->timestamp('unheard_from')->nullable();
        });
        DB::statement(self::OF_ACCOUNT);
    }

    public function down(): void
    {
        DB::statement('DROP FUNCTION connections_of_account(uuid)');
        Schema::table(
            'supplier_connections',
            fn (Blueprint $table) => $table->dropColumn(['account', 'heard_at', 'unheard_from']),
        );
    }
};
