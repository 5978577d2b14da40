<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Questions shoppers ask about goods: answered by mail, and kept for others to read where they agreed to that. */
return new class extends Migration
{
    private const TABLE = <<<'SQL'
        CREATE TABLE goods_questions (
            id bigserial PRIMARY KEY,
            stall_id bigint NOT NULL REFERENCES stalls (id) ON DELETE CASCADE,
            listing_id bigint NOT NULL REFERENCES listings (id) ON DELETE CASCADE,
            email varchar(200),
            language varchar(2) NOT NULL,
            words varchar(500) NOT NULL,
            may_show boolean NOT NULL,
            held_for jsonb DEFAULT '[]' NOT NULL,
            answer varchar(1000),
            kept boolean DEFAULT false NOT NULL,
            put_by boolean DEFAULT false NOT NULL,
            answered_at timestamp(0),
            asked_at timestamp(0) NOT NULL
        );
        CREATE INDEX goods_questions_stall_id_index ON goods_questions (stall_id, id DESC);
        CREATE INDEX goods_questions_waiting_index ON goods_questions (stall_id) WHERE answered_at IS NULL AND NOT put_by;
        CREATE INDEX goods_questions_listing_id_index ON goods_questions (listing_id, kept, answered_at DESC);
        ALTER TABLE goods_questions ENABLE ROW LEVEL SECURITY;
        CREATE POLICY one_stall ON goods_questions USING (stall_id = (SELECT current_stall()));
        SQL;

    public function up(): void
    {
        DB::unprepared(self::TABLE);
    }
};
