<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * A stall's own row is behind the wall like all its others: its terms, rules and hours are shown within it only. What has
 * to be known before one is entered (its number, address and name) two functions tell.
 */
return new class extends Migration
{
    private const CALLED = <<<'SQL'
        CREATE FUNCTION stall_called(address text) RETURNS bigint
        LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
        AS 'SELECT id FROM stalls WHERE handle = address'
        SQL;

    private const OF_PERSON = <<<'SQL'
        CREATE FUNCTION stalls_of(person bigint) RETURNS TABLE (number bigint, handle text, name text)
        LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
        AS $body$
            SELECT stalls.id, stalls.handle, stalls.name
            FROM memberships
            JOIN stalls ON stalls.id = memberships.stall_id
            WHERE memberships.user_id = person
            ORDER BY stalls.id
        $body$
        SQL;

    public function up(): void
    {
        DB::statement(self::CALLED);
        DB::statement(self::OF_PERSON);
        foreach (['known', 'opened', 'changed', 'ended'] as $policy) {
            DB::statement("DROP POLICY $policy ON stalls");
        }
        DB::statement('CREATE POLICY one_stall ON stalls USING (id = (SELECT current_stall()))');
    }

    public function down(): void
    {
        DB::statement('DROP POLICY one_stall ON stalls');
        DB::statement('CREATE POLICY known ON stalls FOR SELECT USING (true)');
        DB::statement('CREATE POLICY opened ON stalls FOR INSERT WITH CHECK (true)');
        DB::statement('CREATE POLICY changed ON stalls FOR UPDATE USING (id = (SELECT current_stall()))');
        DB::statement('CREATE POLICY ended ON stalls FOR DELETE USING (id = (SELECT current_stall()))');
        DB::statement('DROP FUNCTION stalls_of(bigint)');
        DB::statement('DROP FUNCTION stall_called(text)');
    }
};
