<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Each parcel of an order, followed by what its carrier tells until it is there. */
return new class extends Migration
{
    private const FAIR = <<<'SQL'
        CREATE FUNCTION parcels_to_follow(at timestamp, most int) RETURNS TABLE (stall bigint, number bigint)
        LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $body$
            SELECT stall_id, id
            FROM (
                SELECT stall_id, id, next_ask_at AS due,
                       row_number() OVER (PARTITION BY stall_id ORDER BY next_ask_at, id) AS turn
                FROM parcels
                WHERE next_ask_at <= at
            ) AS in_turn
            ORDER BY turn, due, id
            LIMIT most
        $body$
        SQL;

    /** What was posted before: one parcel for each supplier order. */
    private const POSTED = <<<'SQL'
        INSERT INTO parcels (
            stall_id, order_id, supplier_order_id, connection_id, country, number, pieces, carrier, tracking, promised_to,
            posted_at, moved_at, next_ask_at
        )
        SELECT sent.stall_id, sent.order_id, sent.id, sent.connection_id, orders.country,
               row_number() OVER (PARTITION BY sent.order_id ORDER BY sent.id),
               (SELECT json_object_agg(line.id, line.quantity) FROM order_lines AS line WHERE line.supplier_order_id = sent.id),
               COALESCE(sent.carrier, ''), sent.tracking,
               (SELECT max(line.promised_to) FROM order_lines AS line WHERE line.supplier_order_id = sent.id),
               COALESCE(sent.posted_at, sent.updated_at), COALESCE(sent.posted_at, sent.updated_at), now()
        FROM supplier_orders AS sent
        JOIN orders ON orders.id = sent.order_id
        WHERE sent.state = 'posted'
          AND EXISTS (SELECT 1 FROM order_lines AS line WHERE line.supplier_order_id = sent.id)
        SQL;

    private const TOLD = <<<'SQL'
        UPDATE order_mails AS mail
        SET of = parcels.id
        FROM parcels
        WHERE mail.kind = 'posted'
          AND mail.of = parcels.supplier_order_id
          AND mail.order_id = parcels.order_id
        SQL;

    public function up(): void
    {
        Schema::create('parcels', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('order_id')->constrained()->cascadeOnDelete();
            $table->foreignId('supplier_order_id')->constrained()->cascadeOnDelete();
            // Whose parcel it is and where it goes: by these its likes are found.
            $table->foreignId('connection_id')->constrained('supplier_connections')->cascadeOnDelete();
            $table->char('country', 2);
            $table->unsignedSmallInteger('number');
            $table->json('pieces');
            $table->string('carrier', 60);
            $table->string('tracking', 60)->nullable();
            $table->date('promised_to')->nullable();
            $table->timestamp('posted_at');
            $table->string('stands', 12)->nullable();
            $table->string('place', 120)->default('');
            $table->timestamp('moved_at');
            $table->timestamp('there_at')->nullable();
            $table->timestamp('asked_at')->nullable();
            $table->timestamp('next_ask_at')->nullable();
            $table->unique(['supplier_order_id', 'tracking'])->nullsNotDistinct();
            $table->unique(['order_id', 'number']);
            $table->index(['connection_id', 'country', 'there_at']);
        });
        DB::statement('CREATE INDEX parcels_to_follow ON parcels (next_ask_at) WHERE next_ask_at IS NOT NULL');
        DB::statement('CREATE INDEX parcels_under_way ON parcels (stall_id, promised_to) WHERE there_at IS NULL');
        DB::statement('CREATE INDEX parcels_there ON parcels (stall_id, there_at DESC) WHERE there_at IS NOT NULL');
        DB::statement('CREATE INDEX parcels_tracking ON parcels (stall_id, tracking)');
        Schema::create('parcel_events', function (Blueprint $table): void {
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('parcel_id')->constrained()->cascadeOnDelete();
            $table->string('key', 80);
            $table->string('kind', 12);
            $table->string('place', 120);
            $table->timestamp('at');
            $table->primary(['parcel_id', 'key']);
            $table->index('stall_id');
        });
        foreach (['parcels', 'parcel_events'] as $table) {
            DB::statement('ALTER TABLE '.$table.' ENABLE ROW LEVEL SECURITY');
            DB::statement('CREATE POLICY one_stall ON '.$table.' USING (stall_id = (SELECT current_stall()))');
        }
        DB::statement(self::POSTED);
        DB::statement(self::TOLD);
        DB::statement(self::FAIR);
    }

    public function down(): void
    {
        DB::statement('DROP FUNCTION parcels_to_follow(timestamp, int)');
        DB::statement(<<<'SQL'
            UPDATE order_mails AS mail
            SET of = parcels.supplier_order_id
            FROM parcels
            WHERE mail.kind = 'posted'
              AND mail.of = parcels.id
              AND parcels.number = 1
            SQL);
        Schema::drop('parcel_events');
        Schema::drop('parcels');
    }
};
