<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Who wants to be told when goods that have sold out can be bought again: one mail, then the wish is forgotten. */
return new class extends Migration
{
    private const TABLE = <<<'SQL'
        CREATE TABLE back_wishes (
            id bigserial PRIMARY KEY,
            stall_id bigint NOT NULL REFERENCES stalls (id) ON DELETE CASCADE,
            listing_id bigint NOT NULL REFERENCES listings (id) ON DELETE CASCADE,
            email varchar(200) NOT NULL,
            language varchar(2) NOT NULL,
            consent varchar(300) NOT NULL,
            asked_at timestamp(0) NOT NULL,
            UNIQUE (listing_id, email)
        );
        CREATE INDEX back_wishes_stall_id_index ON back_wishes (stall_id, asked_at);
        ALTER TABLE back_wishes ENABLE ROW LEVEL SECURITY;
        CREATE POLICY one_stall ON back_wishes USING (stall_id = (SELECT current_stall()));
        SQL;

    private const DUE = <<<'SQL'
        CREATE FUNCTION back_wishes_due(most integer) RETURNS TABLE(stall bigint, number bigint)
            LANGUAGE sql STABLE SECURITY DEFINER
            SET search_path TO 'public', 'pg_temp'
            AS $$
            SELECT stall_id, id
            FROM (
                SELECT wish.stall_id, wish.id, wish.asked_at AS due,
                       row_number() OVER (PARTITION BY wish.stall_id ORDER BY wish.asked_at) AS turn
                FROM back_wishes AS wish
                JOIN goods_facts AS facts ON facts.listing_id = wish.listing_id AND facts.buyable
                JOIN stalls AS stall ON stall.id = wish.stall_id AND stall.open
            ) AS in_turn
            ORDER BY turn, due
            LIMIT most
            $$;
        SQL;

    public function up(): void
    {
        DB::unprepared(self::TABLE);
        DB::unprepared(self::DUE);
    }
};
