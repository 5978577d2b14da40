<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Baskets whose shoppers went as far as the payment and no further: each is reminded of once, where its shopper agreed to mail. */
return new class extends Migration
{
    /** Of each stall one before the second of any, as the other sweeps. */
    private const DUE = <<<'SQL'
        CREATE FUNCTION reminders_due(at timestamp, most int) RETURNS TABLE (stall bigint, number bigint)
        LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $body$
            SELECT stall_id, id
            FROM (
                SELECT left_order.stall_id, left_order.id,
                       row_number() OVER (PARTITION BY left_order.stall_id ORDER BY left_order.created_at) AS turn,
                       left_order.created_at AS due
                FROM orders AS left_order
                JOIN stalls AS stall ON stall.id = left_order.stall_id AND stall.reminder_words IS NOT NULL
                WHERE left_order.state IN ('awaiting_payment', 'payment_lapsed')
                  AND left_order.pending_since IS NULL
                  AND left_order.created_at BETWEEN at - interval '3 days' AND at - make_interval(hours => stall.reminder_hours)
                  AND EXISTS (
                      SELECT 1
                      FROM sign_ups
                      WHERE sign_ups.stall_id = left_order.stall_id AND sign_ups.email = lower(left_order.email)
                  )
                  AND NOT EXISTS (
                      SELECT 1 FROM basket_reminders AS told WHERE told.basket_id = left_order.basket_id
                  )
                  AND NOT EXISTS (
                      SELECT 1
                      FROM orders AS later
                      WHERE later.stall_id = left_order.stall_id
                        AND lower(later.email) = lower(left_order.email)
                        AND (later.id > left_order.id OR later.paid_at > left_order.created_at)
                  )
            ) AS in_turn
            ORDER BY turn, due
            LIMIT most
        $body$
        SQL;

    public function up(): void
    {
        Schema::table('stalls', function (Blueprint $table): void {
            // Null: nobody is reminded.
            $table->string('reminder_words', 1000)->nullable();
            $table->unsignedSmallInteger('reminder_hours')->default(20);
        });
        Schema::create('basket_reminders', function (Blueprint $table): void {
            $table->uuid('basket_id')->primary();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('order_id')->constrained()->cascadeOnDelete();
            $table->string('email', 190);
            $table->timestamp('sent_at');
            $table->index(['stall_id', 'sent_at']);
            $table->index('order_id');
        });
        DB::statement('ALTER TABLE basket_reminders ENABLE ROW LEVEL SECURITY');
        DB::statement('CREATE POLICY one_stall ON basket_reminders USING (stall_id = (SELECT current_stall()))');
        DB::statement(
            "CREATE INDEX orders_left ON orders (created_at) WHERE state IN ('awaiting_payment', 'payment_lapsed')",
        );
        DB::statement(self::DUE);
    }

    public function down(): void
    {
        DB::statement('DROP FUNCTION reminders_due(timestamp, int)');
        DB::statement('DROP INDEX orders_left');
        Schema::drop('basket_reminders');
        Schema::table('stalls', fn (Blueprint $table) => $table->dropColumn(['reminder_words', 'reminder_hours']));
    }
};
