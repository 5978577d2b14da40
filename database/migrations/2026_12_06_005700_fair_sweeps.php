<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * Sweeps take what is longest due, and of each stall one before the second of any: whoever has very much to be done
 * doesn't keep others waiting, and each sweep has an end.
 */
return new class extends Migration
{
    /** %1$s: name and arguments; %2$s: rows that are due, as stall_id, id, due. */
    private const FAIR = <<<'SQL'
        CREATE OR REPLACE FUNCTION %1$s RETURNS TABLE (stall bigint, number bigint)
        LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $body$
            SELECT stall_id, id
            FROM (
                SELECT stall_id, id, due, row_number() OVER (PARTITION BY stall_id ORDER BY due NULLS FIRST, id) AS turn
                FROM (%2$s) AS rows_due
            ) AS in_turn
            ORDER BY turn, due NULLS FIRST, id
            LIMIT most
        $body$
        SQL;

    private const DUE = [
        'orders_to_settle(silent_since timestamp, most int)' => <<<'SQL'
            SELECT stall_id, id, updated_at AS due
            FROM orders
            WHERE state IN ('awaiting_payment', 'refunding')
              AND payment_id IS NOT NULL
              AND updated_at < silent_since
            SQL,
        'reservations_over(at timestamp, most int)' => <<<'SQL'
            SELECT stall_id, id, reserved_until AS due
            FROM orders
            WHERE reserved_until < at
              AND (settling_until IS NULL OR settling_until < at)
            SQL,
        'supplier_orders_to_send(at timestamp, made_before timestamp, most int)' => <<<'SQL'
            SELECT stall_id, id, COALESCE(next_try_at, created_at) AS due
            FROM supplier_orders
            WHERE state = 'to_send'
              AND (next_try_at IS NULL OR next_try_at <= at)
              AND created_at < made_before
              AND (sending_until IS NULL OR sending_until < at)
            SQL,
        'supplier_orders_to_ask(silent_since timestamp, most int)' => <<<'SQL'
            SELECT stall_id, id, asked_at AS due
            FROM supplier_orders
            WHERE state IN ('sent', 'accepted')
              AND asked_at < silent_since
            SQL,
        // Where the next time was never set, whatever was to set it broke off.
        'connections_due(at timestamp, most int)' => <<<'SQL'
            SELECT stall_id, id, next_pull_at AS due
            FROM supplier_connections AS connection
            WHERE paused_at IS NULL
              AND disconnected_at IS NULL
              AND (
                  next_pull_at <= at
                  OR next_pull_at IS NULL
                  AND pulled_at IS NOT NULL
                  AND schedule <> 'by_hand'
                  AND NOT EXISTS (
                      SELECT 1 FROM runs WHERE runs.connection_id = connection.id AND runs.state IN ('waiting', 'running')
                  )
              )
            SQL,
        'moving_due(at timestamp, most int)' => <<<'SQL'
            SELECT stall_id, id, moving_next_at AS due
            FROM supplier_connections
            WHERE moving_next_at <= at
              AND disconnected_at IS NULL
              AND paused_at IS NULL
            SQL,
        'listings_without_pictures(waiting_since timestamp, most int)' => <<<'SQL'
            SELECT stall_id, listing_id AS id, min(updated_at) AS due
            FROM pictures
            WHERE state = 'waiting'
              AND listing_id IS NOT NULL
              AND updated_at < waiting_since
            GROUP BY stall_id, listing_id
            SQL,
        'shelves_to_fill(before timestamp, turned timestamp, most int)' => <<<'SQL'
            SELECT stall_id, stall_id AS id, min(since) AS due
            FROM (
                SELECT stall_id, since FROM shelf_waiting WHERE since < before
                UNION ALL
                SELECT stall_id, filled_at FROM shelves WHERE moves AND filled_at < turned
                UNION ALL
                SELECT stall_id, updated_at FROM shelves WHERE filled_at IS NULL AND updated_at < before
            ) AS waiting
            GROUP BY stall_id
            SQL,
        'digests_due(at timestamptz, most int)' => <<<'SQL'
            SELECT id AS stall_id, id, digest_sent_on AS due
            FROM stalls
            CROSS JOIN LATERAL (SELECT at AT TIME ZONE zone AS clock) AS local
            WHERE digest_hour <= extract(hour FROM local.clock)
              AND (digest_sent_on IS NULL OR digest_sent_on < local.clock::date)
            SQL,
        'silent_runs(beat_before timestamp, most int)' => <<<'SQL'
            SELECT stall_id, id, COALESCE(beat_at, started_at, created_at) AS due
            FROM runs
            WHERE state = 'running'
              AND COALESCE(beat_at, started_at, created_at) < beat_before
            SQL,
        'forgotten_runs(asked_before timestamp, most int)' => <<<'SQL'
            SELECT stall_id, id, COALESCE(beat_at, created_at) AS due
            FROM runs
            WHERE state = 'waiting'
              AND COALESCE(beat_at, created_at) < asked_before
            SQL,
    ];

    public function up(): void
    {
        DB::statement('DROP FUNCTION silent_runs(timestamp)');
        DB::statement('DROP FUNCTION forgotten_runs(timestamp)');
        foreach (self::DUE as $function => $due) {
            DB::statement(sprintf(self::FAIR, $function, $due));
        }
    }

    /** They are the same to whoever asks, but for the two that had no end. */
    public function down(): void
    {
        foreach (self::DUE as $function => $due) {
            if (preg_match('/^((?:silent|forgotten)_runs)\((\w+ timestamp), most int\)$/D', $function, $of) === 1) {
                DB::statement("DROP FUNCTION $of[1](timestamp, int)");
                DB::statement(str_replace('LIMIT most', '', sprintf(self::FAIR, "$of[1]($of[2])", $due)));
            }
        }
    }
};
