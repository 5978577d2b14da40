<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** First shops laid out from a sentence: the goods taken for each, the shelves they go on, what was agreed to. */
return new class extends Migration
{
    private const TABLE = <<<'SQL'
        CREATE TABLE first_shops (
            id bigserial PRIMARY KEY,
            stall_id bigint NOT NULL REFERENCES stalls (id) ON DELETE CASCADE,
            run_id bigint REFERENCES runs (id) ON DELETE SET NULL,
            picture_id bigint REFERENCES pictures (id) ON DELETE SET NULL,
            name varchar(40) NOT NULL,
            sentence varchar(120) NOT NULL,
            colours jsonb DEFAULT '[]' NOT NULL,
            goods jsonb DEFAULT '[]' NOT NULL,
            shelves jsonb DEFAULT '[]' NOT NULL,
            left_out jsonb DEFAULT '[]' NOT NULL,
            shown_as smallint,
            shown_at timestamp(0),
            created_at timestamp(0),
            updated_at timestamp(0)
        );
        CREATE INDEX first_shops_stall_id_index ON first_shops (stall_id, id DESC);
        CREATE INDEX first_shops_run_id_index ON first_shops (run_id);
        CREATE INDEX first_shops_picture_id_index ON first_shops (picture_id);
        ALTER TABLE first_shops ENABLE ROW LEVEL SECURITY;
        CREATE POLICY one_stall ON first_shops USING (stall_id = (SELECT current_stall()));
        SQL;

    public function up(): void
    {
        DB::unprepared(self::TABLE);
    }
};
