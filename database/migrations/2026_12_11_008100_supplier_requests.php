<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a stall asks its suppliers for besides what they list: what was written, what they offered, what came of it. */
return new class extends Migration
{
    private const DUE = <<<'SQL'
        CREATE FUNCTION supplier_requests_due(at timestamp, most int) RETURNS TABLE (stall bigint, number bigint)
        LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $body$
            SELECT stall_id, id
            FROM (
                SELECT stall_id, id, next_ask_at AS due,
                       row_number() OVER (PARTITION BY stall_id ORDER BY next_ask_at, id) AS turn
                FROM supplier_requests
                WHERE next_ask_at <= at
            ) AS in_turn
            ORDER BY turn, due, id
            LIMIT most
        $body$
        SQL;

    public function up(): void
    {
        Schema::create('supplier_requests', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('connection_id')->constrained('supplier_connections')->cascadeOnDelete();
            $table->uuid('key');
            $table->string('kind', 8);
            $table->foreignId('supplier_item_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('supplier_variant_id')->nullable()->constrained()->nullOnDelete();
            $table->unsignedInteger('pieces')->nullable();
            $table->unsignedBigInteger('wished_minor')->nullable();
            // The same as the supplier is told it.
            $table->unsignedBigInteger('told_minor')->nullable();
            $table->char('told_currency', 3)->nullable();
            $table->text('words');
            $table->string('link', 300)->nullable();
            $table->string('picture', 200)->nullable();
            $table->string('state', 8);
            $table->string('external_id', 80)->nullable();
            $table->string('trouble', 500)->nullable();
            $table->timestamp('asking_until')->nullable();
            $table->timestamp('next_ask_at')->nullable();
            $table->timestamp('read_at')->nullable();
            $table->timestamps();
            $table->unique(['stall_id', 'key']);
            $table->index(['stall_id', 'updated_at']);
            $table->index('connection_id');
            $table->index('supplier_item_id');
            $table->index('supplier_variant_id');
        });
        DB::statement('CREATE INDEX supplier_requests_due ON supplier_requests (next_ask_at) WHERE next_ask_at IS NOT NULL');
        Schema::create('supplier_request_messages', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('supplier_request_id')->constrained()->cascadeOnDelete();
            // Its number there; ours have a key until they are there.
            $table->string('external_id', 80)->nullable();
            $table->uuid('key')->nullable();
            $table->boolean('theirs');
            $table->text('words');
            $table->timestamp('at');
            $table->timestamp('sent_at')->nullable();
            $table->unique(['supplier_request_id', 'external_id']);
            $table->unique(['supplier_request_id', 'key']);
            $table->index('stall_id');
        });
        Schema::create('supplier_offers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('supplier_request_id')->constrained()->cascadeOnDelete();
            $table->string('external_id', 80);
            $table->unsignedBigInteger('cost_minor');
            $table->unsignedBigInteger('once_minor');
            $table->char('currency', 3);
            $table->unsignedInteger('pieces');
            $table->unsignedSmallInteger('days');
            $table->string('words', 600);
            $table->string('state', 9);
            $table->timestamp('wanted_at')->nullable();
            $table->string('item', 60)->nullable();
            $table->string('order', 60)->nullable();
            $table->string('order_stands', 200)->default('');
            $table->timestamp('at');
            $table->unique(['supplier_request_id', 'external_id']);
            $table->index('stall_id');
        });
        foreach (['supplier_requests', 'supplier_request_messages', 'supplier_offers'] as $table) {
            DB::statement('ALTER TABLE '.$table.' ENABLE ROW LEVEL SECURITY');
            DB::statement('CREATE POLICY one_stall ON '.$table.' USING (stall_id = (SELECT current_stall()))');
        }
        DB::statement(self::DUE);
    }

    public function down(): void
    {
        DB::statement('DROP FUNCTION supplier_requests_due(timestamp, int)');
        foreach (['supplier_offers', 'supplier_request_messages', 'supplier_requests'] as $table) {
            Schema::drop($table);
        }
    }
};
