<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What grows for ever is thinned: of each kind the rows before a time, some at a go, whosever they are. */
return new class extends Migration
{
    /** %1$s: name; %2$s: the rows' table; %3$s: conditions on "old". */
    private const THIN = <<<'SQL'
        CREATE FUNCTION thin_%1$s(kept_since timestamp, most int) RETURNS int
        LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $body$
        DECLARE
            gone int;
        BEGIN
            DELETE FROM %2$s
            WHERE ctid = ANY (ARRAY(
                SELECT old.ctid
                FROM %2$s AS old
                WHERE %3$s
                LIMIT most
            ));
            GET DIAGNOSTICS gone = ROW_COUNT;
            RETURN gone;
        END
        $body$
        SQL;

    private const OLD = [
        // What was asked when the time began stays known: it is the price before the first that is kept.
        'price_history' => <<<'SQL'
            old.asked_at < kept_since
            AND EXISTS (
                SELECT 1
                FROM price_history AS later
                WHERE later.listing_variant_id = old.listing_variant_id
                  AND later.market = old.market
                  AND later.id > old.id
                  AND later.asked_at <= kept_since
            )
            SQL,
        // What a supplier says now, and what a listing was agreed by, stays however old it is.
        'supplier_words' => <<<'SQL'
            old.said_at < kept_since
            AND NOT EXISTS (SELECT 1 FROM supplier_items AS item WHERE item.words_id = old.id)
            AND NOT EXISTS (SELECT 1 FROM listings AS listing WHERE listing.agreed_words_id = old.id)
            AND NOT EXISTS (SELECT 1 FROM listing_items AS joined WHERE joined.agreed_words_id = old.id)
            SQL,
        // What asks stays until somebody has decided.
        'drift_changes' => "old.standing <> 'asks' AND old.at < kept_since",
        'bench_change_parts' => <<<'SQL'
            EXISTS (SELECT 1 FROM bench_changes AS step WHERE step.id = old.change_id AND step.created_at < kept_since)
            SQL,
        // The last of each kind stays: it says how things stand.
        'runs' => <<<'SQL'
            old.state IN ('done', 'failed', 'cancelled')
            AND old.ended_at < kept_since
            AND EXISTS (
                SELECT 1
                FROM runs AS later
                WHERE later.stall_id = old.stall_id
                  AND later.kind = old.kind
                  AND later.connection_id IS NOT DISTINCT FROM old.connection_id
                  AND later.id > old.id
                  AND later.state = old.state
            )
            SQL,
        'baskets' => <<<'SQL'
            old.updated_at < kept_since
            AND NOT EXISTS (
                SELECT 1 FROM orders WHERE orders.basket_id = old.id AND orders.state = 'awaiting_payment'
            )
            SQL,
        'supplier_events' => 'old.received_at < kept_since',
        'hook_deliveries' => "old.state <> 'waiting' AND old.created_at < kept_since",
    ];

    public function up(): void
    {
        foreach (self::OLD as $table => $old) {
            DB::statement(sprintf(self::THIN, $table, $table, $old));
        }
        DB::statement('CREATE INDEX bench_changes_created_at_index ON bench_changes (created_at)');
        DB::statement('CREATE INDEX drift_changes_at_index ON drift_changes (at)');
        DB::statement('CREATE INDEX price_history_asked_at_index ON price_history (asked_at)');
        DB::statement('CREATE INDEX supplier_words_said_at_index ON supplier_words (said_at)');
        DB::statement('CREATE INDEX runs_ended_at_index ON runs (ended_at)');
        DB::statement('CREATE INDEX baskets_updated_at_index ON baskets (updated_at)');
        DB::statement('CREATE INDEX supplier_events_received_at_index ON supplier_events (received_at)');
        DB::statement('CREATE INDEX hook_deliveries_created_at_index ON hook_deliveries (created_at)');
    }

    public function down(): void
    {
        foreach (array_keys(self::OLD) as $table) {
            DB::statement("DROP FUNCTION thin_$table(timestamp, int)");
        }
        DB::statement('DROP INDEX bench_changes_created_at_index, drift_changes_at_index, price_history_asked_at_index');
        DB::statement('DROP INDEX supplier_words_said_at_index, runs_ended_at_index, baskets_updated_at_index');
        DB::statement('DROP INDEX supplier_events_received_at_index, hook_deliveries_created_at_index');
    }
};
