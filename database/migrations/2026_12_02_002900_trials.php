<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Two versions of sections, each shown to half of those who look, and the orders that came of it. */
return new class extends Migration
{
    private const TABLES = <<<'SQL'
        CREATE TABLE trials (
            id bigserial PRIMARY KEY,
            stall_id bigint NOT NULL REFERENCES stalls (id) ON DELETE CASCADE,
            parts char(32) NOT NULL,
            verdict varchar(8) DEFAULT 'open' NOT NULL,
            begun_at timestamp(0) NOT NULL,
            answered_at timestamp(0),
            ended_at timestamp(0)
        );
        COMMENT ON COLUMN trials.parts IS 'Hash of the sections that are shown to a half';
        CREATE INDEX trials_stall_id_index ON trials (stall_id, id DESC);
        ALTER TABLE trials ENABLE ROW LEVEL SECURITY;
        CREATE POLICY one_stall ON trials USING (stall_id = (SELECT current_stall()));

        CREATE TABLE tried_orders (
            order_id bigint PRIMARY KEY REFERENCES orders (id) ON DELETE CASCADE,
            stall_id bigint NOT NULL REFERENCES stalls (id) ON DELETE CASCADE,
            trial_id bigint NOT NULL REFERENCES trials (id) ON DELETE CASCADE,
            second boolean NOT NULL,
            paid_at timestamp(0),
            keep_minor bigint
        );
        CREATE INDEX tried_orders_stall_id_index ON tried_orders (stall_id);
        CREATE INDEX tried_orders_trial_id_index ON tried_orders (trial_id, paid_at, order_id);
        ALTER TABLE tried_orders ENABLE ROW LEVEL SECURITY;
        CREATE POLICY one_stall ON tried_orders USING (stall_id = (SELECT current_stall()));
        SQL;

    public function up(): void
    {
        DB::unprepared(self::TABLES);
    }
};
