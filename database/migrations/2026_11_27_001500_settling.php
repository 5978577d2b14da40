<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Money and supplier orders without locks: whoever settles something has it for a stated time (a lease), asks outside
 * with nothing locked, and writes what was said by statements that only fit the state it began with. And the ways in
 * which the sweeps, which belong to no stall, learn which rows of which stalls wait.
 */
return new class extends Migration
{
    /** name → parameters and query; each gives the stall's number and the row's, and nothing else */
    private const SWEEPS = [
        'orders_to_settle(silent_since timestamp, most int)' => <<<'SQL'
            SELECT stall_id, id FROM orders
            WHERE state IN ('awaiting_payment', 'refunding') AND payment_id IS NOT NULL AND updated_at < silent_since
            ORDER BY updated_at LIMIT most
            SQL
        ,
        'supplier_orders_to_send(at timestamp, made_before timestamp, most int)' => <<<'SQL'
            SELECT stall_id, id FROM supplier_orders
            WHERE state = 'to_send' AND (next_try_at IS NULL OR next_try_at <= at) AND created_at < made_before
              AND (sending_until IS NULL OR sending_until < at)
            ORDER BY id LIMIT most
            SQL
        ,
        'supplier_orders_to_ask(silent_since timestamp, most int)' => <<<'SQL'
            SELECT stall_id, id FROM supplier_orders
            WHERE state IN ('sent', 'accepted') AND asked_at < silent_since
            ORDER BY asked_at LIMIT most
            SQL
        ,
    ];

    public function up(): void
    {
        Schema::table('orders', function (Blueprint $table): void {
            // Somebody settles its payment until then; after that anybody may.
            $table->timestamp('settling_until')->nullable();
            // Its pieces are taken aside (counted in supplier_variants.promised) until then.
            $table->timestamp('reserved_until')->nullable();
            // A shopper came back from paying and waits for the answer since then.
            $table->timestamp('awaited_since')->nullable();
            $table->string('pay_at', 600)->nullable();
        });
        Schema::table('supplier_orders', function (Blueprint $table): void {
            $table->timestamp('sending_until')->nullable();
            // It was sent, and no answer came: the supplier may have it.
            $table->boolean('unsure')->default(false);
        });
        foreach (self::SWEEPS as $function => $sql) {
            DB::statement(
                "CREATE OR REPLACE FUNCTION $function RETURNS TABLE (stall bigint, number bigint) LANGUAGE sql ".
                    "STABLE SECURITY DEFINER SET search_path = public, pg_temp AS \$body\$ $sql \$body\$",
            );
        }
        DB::statement(
            "CREATE INDEX orders_to_settle ON orders (updated_at) WHERE state IN ('awaiting_payment', 'refunding')",
        );
        DB::statement(
            "CREATE INDEX supplier_orders_to_ask ON supplier_orders (asked_at) WHERE state IN ('sent', 'accepted')",
        );
    }
};
