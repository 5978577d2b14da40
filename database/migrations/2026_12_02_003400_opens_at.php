<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A shop that opens by itself at a time. */
return new class extends Migration
{
    private const SQL = <<<'SQL'
        ALTER TABLE stalls ADD COLUMN opens_at timestamp(0);
        COMMENT ON COLUMN stalls.opens_at IS 'When a closed shop opens by itself; null: when somebody opens it';
        CREATE INDEX stalls_opens_at_index ON stalls (opens_at) WHERE opens_at IS NOT NULL;

        ALTER TABLE sign_ups ADD COLUMN opening_due boolean DEFAULT false NOT NULL, ADD COLUMN language char(2) DEFAULT 'en' NOT NULL;
        COMMENT ON COLUMN sign_ups.opening_due IS 'Is to be told when the shop opens';
        CREATE INDEX sign_ups_opening_due_index ON sign_ups (id) WHERE opening_due;
        -- Who is to be told that a shop has opened: numbers only.
        CREATE FUNCTION openings_to_tell(most integer) RETURNS TABLE (stall bigint, number bigint)
            LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
            AS $$
                SELECT stalls.id, told.id
                FROM sign_ups AS told
                JOIN stalls ON stalls.id = told.stall_id
                WHERE told.opening_due
                  AND stalls.open
                ORDER BY told.id
                LIMIT most
            $$;

        -- Shops whose time has come: belongs to no stall, learns numbers only.
        CREATE FUNCTION shops_to_open(moment timestamp, most integer) RETURNS TABLE (stall bigint, number bigint)
            LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
            AS $$
                SELECT id, id FROM stalls WHERE opens_at <= moment ORDER BY opens_at, id LIMIT most
            $$;
        SQL;

    public function up(): void
    {
        DB::unprepared(self::SQL);
    }
};
