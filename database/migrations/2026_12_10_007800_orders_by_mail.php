<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Suppliers that take their orders by mail: one table a day at a set hour, and what they answer. */
return new class extends Migration
{
    /** Those with something to send whose hour is over and that had no mail today, by the stall's clock. */
    private const DUE = <<<'SQL'
        CREATE FUNCTION order_mails_due(at timestamptz, most int) RETURNS TABLE (stall bigint, number bigint)
        LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $body$
            SELECT connection.stall_id, connection.id
            FROM supplier_connections AS connection
            JOIN stalls ON stalls.id = connection.stall_id
            CROSS JOIN LATERAL (SELECT at AT TIME ZONE stalls.zone AS clock) AS local
            WHERE connection.orders_to IS NOT NULL
              AND connection.disconnected_at IS NULL
              AND to_char(local.clock, 'HH24:MI') >= connection.orders_at
              AND NOT EXISTS (
                  SELECT 1 FROM order_batches AS batch
                  WHERE batch.connection_id = connection.id AND batch.day = local.clock::date
              )
              AND EXISTS (
                  SELECT 1 FROM supplier_orders AS sent
                  WHERE sent.connection_id = connection.id AND sent.state = 'to_send'
              )
            ORDER BY connection.id
            LIMIT most
        $body$
        SQL;

    /** Those that owe an answer; who was asked longest ago first. */
    private const TO_READ = <<<'SQL'
        CREATE FUNCTION order_answers_due(asked_before timestamp, most int) RETURNS TABLE (stall bigint, number bigint)
        LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $body$
            SELECT connection.stall_id, connection.id
            FROM supplier_connections AS connection
            WHERE connection.orders_to IS NOT NULL
              AND connection.disconnected_at IS NULL
              AND (connection.answers_read_at IS NULL OR connection.answers_read_at < asked_before)
              AND EXISTS (
                  SELECT 1 FROM supplier_orders AS sent
                  WHERE sent.connection_id = connection.id AND sent.state IN ('sent', 'accepted')
              )
            ORDER BY connection.answers_read_at NULLS FIRST, connection.id
            LIMIT most
        $body$
        SQL;

    public function up(): void
    {
        Schema::table('supplier_connections', function (Blueprint $table): void {
            $table->string('orders_to', 190)->nullable();
            $table->string('orders_at', 5)->default('15:00');
            $table->timestamp('answers_read_at')->nullable();
        });
        Schema::create('order_batches', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('connection_id')->constrained('supplier_connections')->cascadeOnDelete();
            $table->date('day');
            $table->text('sheet');
            $table->unsignedInteger('orders');
            $table->timestamp('made_at');
            // One a day, whoever asks and however often.
            $table->unique(['connection_id', 'day']);
            $table->index('stall_id');
        });
        DB::statement('ALTER TABLE order_batches ENABLE ROW LEVEL SECURITY');
        DB::statement('CREATE POLICY one_stall ON order_batches USING (stall_id = (SELECT current_stall()))');
        DB::statement(self::DUE);
        DB::statement(self::TO_READ);
    }

    public function down(): void
    {
        DB::statement('DROP FUNCTION order_answers_due(timestamp, int)');
        DB::statement('DROP FUNCTION order_mails_due(timestamptz, int)');
        Schema::drop('order_batches');
        Schema::table('supplier_connections', fn (Blueprint $table) => $table->dropColumn(['orders_to', 'orders_at', 'answers_read_at']));
    }
};
