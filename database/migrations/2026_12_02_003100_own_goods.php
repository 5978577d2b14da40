<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Goods of a stall's own that aren't posted: files, and what is done at a time; and how often files were fetched. */
return new class extends Migration
{
    private const TABLES = <<<'SQL'
        CREATE TABLE own_goods (
            id bigserial PRIMARY KEY,
            stall_id bigint NOT NULL REFERENCES stalls (id) ON DELETE CASCADE,
            connection_id bigint NOT NULL REFERENCES supplier_connections (id) ON DELETE CASCADE,
            giving varchar(12) NOT NULL,
            name varchar(160) NOT NULL,
            cost_minor bigint DEFAULT 0 NOT NULL,
            file varchar(200),
            file_name varchar(160),
            file_bytes bigint,
            file_at timestamp(0),
            days integer DEFAULT 60 NOT NULL,
            times integer DEFAULT 5 NOT NULL,
            appointments jsonb DEFAULT '[]' NOT NULL,
            created_at timestamp(0),
            updated_at timestamp(0)
        );
        CREATE INDEX own_goods_stall_id_index ON own_goods (stall_id);
        CREATE INDEX own_goods_connection_id_index ON own_goods (connection_id, id);
        ALTER TABLE own_goods ENABLE ROW LEVEL SECURITY;
        CREATE POLICY one_stall ON own_goods USING (stall_id = (SELECT current_stall()));

        -- What isn't posted takes no days.
        ALTER TABLE variant_landings ALTER COLUMN days_min DROP NOT NULL, ALTER COLUMN days_max DROP NOT NULL,
            ALTER COLUMN warehouse DROP NOT NULL;
        ALTER TABLE supplier_items ADD COLUMN giving varchar(12);

        ALTER TABLE order_lines ADD COLUMN giving varchar(12);
        COMMENT ON COLUMN order_lines.giving IS 'How it reaches its shopper where it is not posted';
        ALTER TABLE order_lines ADD COLUMN own_good_id bigint REFERENCES own_goods (id) ON DELETE SET NULL;
        CREATE INDEX order_lines_own_good_id_index ON order_lines (own_good_id);

        -- Times that are over, of which none can be sold any more: belongs to no stall, learns numbers only.
        CREATE FUNCTION times_to_end(moment timestamptz, most integer) RETURNS TABLE (stall bigint, number bigint)
            LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
            AS $$
                SELECT variant.stall_id, variant.id
                FROM supplier_connections AS connection
                JOIN stalls ON stalls.id = connection.stall_id
                JOIN supplier_items AS item ON item.connection_id = connection.id
                JOIN supplier_variants AS variant ON variant.supplier_item_id = item.id
                WHERE connection.kind = 'own'
                  AND variant.stock > 0
                  AND variant.external_id ~ '/[0-9]{8}T[0-9]{4}$'
                  AND to_timestamp(right(variant.external_id, 13), 'YYYYMMDD"T"HH24MI')::timestamp AT TIME ZONE stalls.zone <= moment
                ORDER BY variant.id
                LIMIT most
            $$;

        CREATE TABLE file_fetches (
            id bigserial PRIMARY KEY,
            stall_id bigint NOT NULL REFERENCES stalls (id) ON DELETE CASCADE,
            order_line_id bigint NOT NULL REFERENCES order_lines (id) ON DELETE CASCADE,
            file_name varchar(160) NOT NULL,
            fetched_at timestamp(0) NOT NULL
        );
        CREATE INDEX file_fetches_stall_id_index ON file_fetches (stall_id);
        CREATE INDEX file_fetches_order_line_id_index ON file_fetches (order_line_id, id);
        ALTER TABLE file_fetches ENABLE ROW LEVEL SECURITY;
        CREATE POLICY one_stall ON file_fetches USING (stall_id = (SELECT current_stall()));
        SQL;

    public function up(): void
    {
        DB::unprepared(self::TABLES);
    }
};
