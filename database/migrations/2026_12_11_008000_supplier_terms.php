<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** On what terms suppliers take orders: how they are paid, how much one may hold, what is laid in, what was bought ahead. */
return new class extends Migration
{
    /** Accounts that haven't been looked at for long; whose turn is longest due first, stalls in turn. */
    private const DUE = <<<'SQL'
        CREATE FUNCTION supplier_accounts_due(at timestamp, most int) RETURNS TABLE (stall bigint, number bigint)
        LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $body$
            SELECT stall_id, id
            FROM (
                SELECT stall_id, id, account_next_at AS due,
                       row_number() OVER (PARTITION BY stall_id ORDER BY account_next_at, id) AS turn
                FROM supplier_connections
                WHERE account_next_at <= at
                  AND disconnected_at IS NULL
            ) AS in_turn
            ORDER BY turn, due, id
            LIMIT most
        $body$
        SQL;

    public function up(): void
    {
        Schema::table('supplier_connections', function (Blueprint $table): void {
            $table->unsignedInteger('most_pieces')->nullable();
            $table->json('extras')->default('[]');
            $table->string('pays', 8)->default('at_once');
            $table->bigInteger('balance_minor')->nullable();
            $table->char('balance_currency', 3)->nullable();
            $table->timestamp('balance_at')->nullable();
            $table->unsignedSmallInteger('warn_days')->default(3);
            $table->unsignedSmallInteger('bill_days')->default(30);
            $table->timestamp('account_next_at')->nullable();
        });
        Schema::table('stalls', fn (Blueprint $table) => $table->unsignedInteger('dearer_bp')->default(1_000));
        Schema::table('supplier_orders', function (Blueprint $table): void {
            $table->unsignedBigInteger('extras_minor')->default(0);
            $table->unsignedBigInteger('expected_extras_minor')->default(0);
            // When its bill was paid.
            $table->timestamp('settled_at')->nullable();
            $table->index(['connection_id', 'sent_at']);
        });
        Schema::create('bought_ahead', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('connection_id')->constrained('supplier_connections')->cascadeOnDelete();
            $table->foreignId('supplier_variant_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('pieces');
            $table->unsignedInteger('left');
            $table->unsignedBigInteger('cost_minor');
            $table->char('currency', 3);
            $table->index(['stall_id', 'supplier_variant_id']);
            $table->index('supplier_variant_id');
            $table->index('connection_id');
        });
        DB::statement('ALTER TABLE bought_ahead ENABLE ROW LEVEL SECURITY');
        DB::statement('CREATE POLICY one_stall ON bought_ahead USING (stall_id = (SELECT current_stall()))');
        DB::statement("UPDATE supplier_connections SET account_next_at = now() WHERE kind = 'oakum'");
        DB::statement(self::DUE);
    }

    public function down(): void
    {
        DB::statement('DROP FUNCTION supplier_accounts_due(timestamp, int)');
        Schema::drop('bought_ahead');
        Schema::table('supplier_orders', function (Blueprint $table): void {
            $table->dropIndex(['connection_id', 'sent_at']);
            $table->dropColumn(['extras_minor', 'expected_extras_minor', 'settled_at']);
        });
        Schema::table('stalls', fn (Blueprint $table) => $table->dropColumn('dearer_bp'));
        Schema::table('supplier_connections', fn (Blueprint $table) => $table->dropColumn([
            'most_pieces', 'extras', 'pays', 'balance_minor', 'balance_currency', 'balance_at', 'warn_days', 'bill_days',
            'account_next_at',
        ]));
    }
};
