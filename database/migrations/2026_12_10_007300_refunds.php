<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Money given back in parts: each refund with what it is of, who bears it, and its own credit note; and what an order was
 * expected to cost beside what its suppliers charged.
 */
return new class extends Migration
{
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

    private const TO_SETTLE = <<<'SQL'
        SELECT stall_id, id, updated_at AS due
        FROM orders
        WHERE state IN (%s)
          AND payment_id IS NOT NULL
          AND updated_at < silent_since
        SQL;

    private const TO_GIVE = <<<'SQL'
        SELECT stall_id, id, next_try_at AS due
        FROM refunds
        WHERE done_at IS NULL
          AND next_try_at <= at
        SQL;

    /** What was given back as a whole before there were parts. */
    private const WHOLE = <<<'SQL'
        INSERT INTO refunds (
            stall_id, order_id, key, pieces, figures, total_minor, tax_minor, bears, asked_at, next_try_at, done_at
        )
        SELECT stall_id, id, 'whole',
               (SELECT json_object_agg(line.id, line.quantity) FROM order_lines AS line WHERE line.order_id = orders.id),
               NULL, total_minor, tax_minor, 'stall', updated_at, updated_at,
               CASE WHEN state = 'refunded' THEN updated_at END
        FROM orders
        WHERE state IN ('refunding', 'refunded')
        SQL;

    private const THEIR_PAPERS = <<<'SQL'
        UPDATE order_papers AS paper
        SET refund_id = refunds.id
        FROM refunds
        WHERE refunds.order_id = paper.order_id
          AND paper.kind = 'credit'
        SQL;

    public function up(): void
    {
        Schema::create('refunds', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('order_id')->constrained()->cascadeOnDelete();
            // The same wish sent twice is one refund, here and at the payment service.
            $table->string('key', 40);
            $table->json('pieces');
            // Null: all that was paid, given back before there were parts.
            $table->json('figures')->nullable();
            $table->unsignedBigInteger('total_minor');
            $table->unsignedBigInteger('tax_minor');
            $table->string('bears', 10);
            $table->unsignedBigInteger('borne_minor')->default(0);
            $table->string('why', 300)->default('');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('asked_at');
            $table->unsignedSmallInteger('tries')->default(0);
            $table->timestamp('next_try_at');
            $table->timestamp('done_at')->nullable();
            $table->unique(['order_id', 'key']);
            $table->index('stall_id');
            $table->index('user_id');
        });
        DB::statement('CREATE INDEX refunds_to_give ON refunds (next_try_at) WHERE done_at IS NULL');
        DB::statement('ALTER TABLE refunds ENABLE ROW LEVEL SECURITY');
        DB::statement('CREATE POLICY one_stall ON refunds USING (stall_id = (SELECT current_stall()))');
        Schema::table('order_papers', function (Blueprint $table): void {
            $table->dropUnique(['order_id', 'kind']);
            $table->foreignId('refund_id')->nullable()->constrained()->restrictOnDelete();
            // One invoice for an order, one credit note for each refund.
            $table->unique(['order_id', 'kind', 'refund_id'])->nullsNotDistinct();
            $table->index('refund_id');
        });
        Schema::table('order_lines', function (Blueprint $table): void {
            $table->unsignedInteger('tax_rate')->nullable();
            // Pieces that were given back before they were sent.
            $table->unsignedInteger('withdrawn')->default(0);
        });
        Schema::table('supplier_orders', function (Blueprint $table): void {
            $table->unsignedBigInteger('expected_goods_minor')->nullable();
            $table->unsignedBigInteger('expected_delivery_minor')->nullable();
        });
        DB::statement(self::WHOLE);
        DB::statement(self::THEIR_PAPERS);
        DB::statement(sprintf(self::FAIR, 'refunds_to_give(at timestamp, most int)', self::TO_GIVE));
        $this->settle("'awaiting_payment'");
    }

    public function down(): void
    {
        $this->settle("'awaiting_payment', 'refunding'");
        DB::statement('DROP FUNCTION refunds_to_give(timestamp, int)');
        Schema::table('supplier_orders', fn (Blueprint $table) => $table->dropColumn(['expected_goods_minor', 'expected_delivery_minor']));
        Schema::table('order_lines', fn (Blueprint $table) => $table->dropColumn(['tax_rate', 'withdrawn']));
        DB::statement('DELETE FROM order_papers AS paper USING refunds WHERE refunds.id = paper.refund_id AND refunds.key <> \'whole\'');
        Schema::table('order_papers', function (Blueprint $table): void {
            $table->dropUnique(['order_id', 'kind', 'refund_id']);
            $table->dropConstrainedForeignId('refund_id');
            $table->unique(['order_id', 'kind']);
        });
        Schema::drop('refunds');
    }

    private function settle(string $states): void
    {
        DB::statement(sprintf(self::FAIR, 'orders_to_settle(silent_since timestamp, most int)', sprintf(self::TO_SETTLE, $states)));
    }
};
