<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Something more that goes along in the parcel of an order that was paid already. */
return new class extends Migration
{
    private const COLUMNS = <<<'SQL'
        ALTER TABLE stalls ADD COLUMN addition_minutes smallint DEFAULT 15 NOT NULL;
        COMMENT ON COLUMN stalls.addition_minutes IS 'So long after paying something more is offered; 0: never';
        ALTER TABLE orders ADD COLUMN joins_order_id bigint REFERENCES orders (id) ON DELETE SET NULL;
        CREATE INDEX orders_joins_order_id_index ON orders (joins_order_id);
        ALTER TABLE baskets ADD COLUMN joins_order_id bigint REFERENCES orders (id) ON DELETE SET NULL;
        CREATE INDEX baskets_joins_order_id_index ON baskets (joins_order_id);
        ALTER TABLE supplier_orders ADD COLUMN joined_until timestamp(0);
        ALTER TABLE supplier_orders ADD COLUMN packed_in jsonb DEFAULT '[]' NOT NULL;
        COMMENT ON COLUMN supplier_orders.joined_until IS 'As its supplier said, something more can go along until then';
        SQL;

    public function up(): void
    {
        DB::unprepared(self::COLUMNS);
    }
};
