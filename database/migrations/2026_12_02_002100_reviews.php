<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What buyers wrote of goods, whether it is shown and why not; and how long after it was there they are asked. */
return new class extends Migration
{
    private const TABLES = <<<'SQL'
        CREATE TABLE reviews (
            id bigserial PRIMARY KEY,
            stall_id bigint NOT NULL REFERENCES stalls (id) ON DELETE CASCADE,
            listing_id bigint NOT NULL REFERENCES listings (id) ON DELETE CASCADE,
            order_id bigint REFERENCES orders (id) ON DELETE SET NULL,
            verified boolean NOT NULL,
            source varchar(80),
            stars smallint NOT NULL CHECK (stars BETWEEN 1 AND 5),
            words varchar(2000) DEFAULT '' NOT NULL,
            name varchar(60) DEFAULT '' NOT NULL,
            pictures jsonb DEFAULT '[]' NOT NULL,
            language varchar(2),
            state varchar(8) NOT NULL,
            held_for jsonb DEFAULT '[]' NOT NULL,
            hidden_because varchar(12),
            hidden_at timestamp(0),
            hidden_by bigint REFERENCES users (id) ON DELETE SET NULL,
            answer varchar(1000),
            answered_at timestamp(0),
            bought_at timestamp(0),
            written_at timestamp(0) NOT NULL,
            UNIQUE (order_id, listing_id)
        );
        CREATE INDEX reviews_stall_id_state_index ON reviews (stall_id, state, id);
        CREATE INDEX reviews_listing_id_index ON reviews (listing_id, state, written_at DESC);
        CREATE INDEX reviews_hidden_by_index ON reviews (hidden_by);
        ALTER TABLE reviews ENABLE ROW LEVEL SECURITY;
        CREATE POLICY one_stall ON reviews USING (stall_id = (SELECT current_stall()));
        -- Stalls that stand already ask nobody before their sellers say so.
        ALTER TABLE stalls ADD COLUMN reviews_after_days smallint;
        ALTER TABLE stalls ALTER COLUMN reviews_after_days SET DEFAULT 7;
        SQL;

    /** Orders all of which has been there for as long as the stall waits, and not for very much longer. */
    private const DUE = <<<'SQL'
        CREATE FUNCTION reviews_due(at timestamp, most integer) RETURNS TABLE(stall bigint, number bigint)
            LANGUAGE sql STABLE SECURITY DEFINER
            SET search_path TO 'public', 'pg_temp'
            AS $$
            SELECT stall_id, id
            FROM (
                SELECT bought.stall_id, bought.id, there.there_at AS due,
                       row_number() OVER (PARTITION BY bought.stall_id ORDER BY there.there_at) AS turn
                FROM parcels AS there
                JOIN stalls AS stall ON stall.id = there.stall_id AND stall.reviews_after_days IS NOT NULL
                JOIN orders AS bought ON bought.id = there.order_id AND bought.state = 'paid'
                WHERE there.there_at BETWEEN at - interval '60 days' AND at - make_interval(days => stall.reviews_after_days)
                  AND NOT EXISTS (
                      SELECT 1
                      FROM parcels AS other
                      WHERE other.order_id = there.order_id
                        AND (other.there_at IS NULL OR (other.there_at, other.id) > (there.there_at, there.id))
                  )
                  AND NOT EXISTS (
                      SELECT 1 FROM order_mails AS told WHERE told.order_id = there.order_id AND told.kind = 'said'
                  )
            ) AS in_turn
            ORDER BY turn, due
            LIMIT most
            $$;
        SQL;

    public function up(): void
    {
        DB::unprepared(self::TABLES);
        DB::unprepared(self::DUE);
    }
};
