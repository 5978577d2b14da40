<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Orders are found by name, mail, place and postcode among very many; some are held until a person has looked. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement(<<<'SQL'
            ALTER TABLE orders ADD COLUMN sought text
                GENERATED ALWAYS AS (lower(name || ' ' || email || ' ' || town || ' ' || postcode || ' ' || replace(postcode, ' ', ''))) STORED
            SQL);
        DB::statement('CREATE INDEX orders_sought ON orders USING gin (sought gin_trgm_ops)');
        DB::statement('CREATE INDEX orders_latest ON orders (stall_id, id DESC)');
        DB::statement("CREATE INDEX orders_paid ON orders (stall_id, paid_at) WHERE state = 'paid'");
        DB::statement('CREATE INDEX orders_disputed ON orders (stall_id) WHERE disputed_at IS NOT NULL');
        DB::statement("CREATE INDEX orders_refund_waits ON orders (stall_id) WHERE payment_trouble = 'refund_waits'");
        Schema::table('orders', function (Blueprint $table): void {
            $table->timestamp('held_at')->nullable();
            $table->json('doubts')->default('[]');
        });
        DB::statement('CREATE INDEX orders_held ON orders (stall_id) WHERE held_at IS NOT NULL');
        DB::statement(<<<'SQL'
            CREATE INDEX supplier_orders_open ON supplier_orders (stall_id, id DESC)
                WHERE state IN ('to_send', 'sent', 'accepted', 'refused')
            SQL);
        Schema::create('order_searches', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->json('query');
            $table->unique(['stall_id', 'name']);
        });
        DB::statement('ALTER TABLE order_searches ENABLE ROW LEVEL SECURITY');
        DB::statement('CREATE POLICY one_stall ON order_searches USING (stall_id = (SELECT current_stall()))');
    }

    public function down(): void
    {
        Schema::drop('order_searches');
        DB::statement('DROP INDEX supplier_orders_open');
        DB::statement('DROP INDEX orders_held');
        Schema::table('orders', fn (Blueprint $table) => $table->dropColumn(['held_at', 'doubts']));
        foreach (['orders_disputed', 'orders_refund_waits', 'orders_paid', 'orders_latest', 'orders_sought'] as $index) {
            DB::statement('DROP INDEX '.$index);
        }
        DB::statement('ALTER TABLE orders DROP COLUMN sought');
    }
};
