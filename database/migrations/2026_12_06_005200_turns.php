<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Jobs say whose they are and tell workers that they have come; whose turn was taken when is on record. */
return new class extends Migration
{
    private const TELL = <<<'SQL'
        CREATE FUNCTION tell_of_job() RETURNS trigger LANGUAGE plpgsql AS $body$
        BEGIN
            PERFORM pg_notify('jobs', NEW.queue);
            RETURN NULL;
        END
        $body$
        SQL;

    /** Lost in a crash, which costs nothing: everybody's turn is then the first. */
    private const TURNS = <<<'SQL'
        CREATE UNLOGGED TABLE queue_turns (
            queue varchar(255) NOT NULL,
            turn_of bigint NOT NULL,
            taken_at timestamptz NOT NULL,
            PRIMARY KEY (queue, turn_of)
        )
        SQL;

    public function up(): void
    {
        // 0: of no stall. What a job carries may hold the sign \u0000, which no jsonb takes; in it, quotes are escaped.
        DB::statement(<<<'SQL'
            ALTER TABLE jobs ADD COLUMN turn_of bigint
            GENERATED ALWAYS AS (coalesce(substring(payload FROM '[,{]"stall":(\d+)')::bigint, 0)) STORED
            SQL);
        DB::statement(self::TURNS);
        DB::statement(self::TELL);
        DB::statement('CREATE TRIGGER tell_of_job AFTER INSERT ON jobs FOR EACH ROW EXECUTE FUNCTION tell_of_job()');
    }

    public function down(): void
    {
        DB::statement('DROP TRIGGER tell_of_job ON jobs');
        DB::statement('DROP FUNCTION tell_of_job()');
        DB::statement('DROP TABLE queue_turns');
        DB::statement('ALTER TABLE jobs DROP COLUMN turn_of');
    }
};
