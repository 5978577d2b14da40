<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * How a stall is paid: its account with the payment service, tried out or for real, and by which methods. An order knows by
 * which it is paid, whether for real, and whether its money is under way or disputed.
 */
return new class extends Migration
{
    /** Whose account the payment service speaks of, before it is known whose it is. */
    private const FIND = <<<'SQL'
        CREATE FUNCTION payment_connection_of(known_as uuid) RETURNS bigint
        LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $body$
            SELECT stall_id FROM payment_connections WHERE public_id = known_as
        $body$
        SQL;

    public function up(): void
    {
        Schema::create('payment_connections', function (Blueprint $table): void {
            $table->foreignId('stall_id')->primary()->constrained()->cascadeOnDelete();
            $table->uuid('public_id')->unique();
            $table->boolean('live')->default(false);
            $table->text('keys')->nullable();
            $table->jsonb('methods')->default('[]');
            $table->timestamp('heard_at')->nullable();
            $table->timestamps();
        });
        DB::statement('ALTER TABLE payment_connections ENABLE ROW LEVEL SECURITY');
        DB::statement('CREATE POLICY one_stall ON payment_connections USING (stall_id = (SELECT current_stall()))');
        DB::statement(self::FIND);
        Schema::table('orders', function (Blueprint $table): void {
            $table->string('pay_method', 12)->default('card');
            $table->boolean('pay_live')->default(false);
            $table->timestamp('pending_since')->nullable();
            $table->timestamp('disputed_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('orders', fn (Blueprint $table) => $table->dropColumn(['pay_method', 'pay_live', 'pending_since', 'disputed_at']));
        DB::statement('DROP FUNCTION payment_connection_of(uuid)');
        Schema::drop('payment_connections');
    }
};
