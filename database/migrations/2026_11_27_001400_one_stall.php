<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * The second wall between stalls: every row knows its stall, and the database shows only those of the stall that was
 * entered (docs/architecture.md, One stall at a time). A condition that somebody forgets shows nothing instead of
 * everything.
 */
return new class extends Migration
{
    /** table → the row it belongs to, which knows the stall; parents before their children */
    private const CHILDREN = [
        'delivery_quotes' => ['supplier_connections', 'connection_id'],
        'supplier_words' => ['supplier_items', 'supplier_item_id'],
        'supplier_variants' => ['supplier_items', 'supplier_item_id'],
        'listing_variants' => ['listings', 'listing_id'],
        'listing_items' => ['listings', 'listing_id'],
        'variant_sources' => ['listing_variants', 'listing_variant_id'],
        'variant_landings' => ['supplier_variants', 'supplier_variant_id'],
        'price_history' => ['listing_variants', 'listing_variant_id'],
        'basket_lines' => ['baskets', 'basket_id'],
        'order_lines' => ['orders', 'order_id'],
        'supplier_orders' => ['orders', 'order_id'],
        'supplier_events' => ['supplier_connections', 'connection_id'],
        'run_rejects' => ['runs', 'run_id'],
    ];

    private const WITH_A_STALL = [
        'baskets',
        'bench_change_parts',
        'bench_changes',
        'exchange_rates',
        'item_landings',
        'listings',
        'markets',
        'orders',
        'pictures',
        'price_recipes',
        'prices',
        'pricing_changes',
        'runs',
        'saved_searches',
        'search_words',
        'supplier_connections',
        'supplier_items',
        'window_revisions',
        'windows',
    ];

    private const CURRENT_STALL = <<<'SQL'
        CREATE OR REPLACE FUNCTION current_stall() RETURNS bigint
        LANGUAGE sql STABLE PARALLEL SAFE
        RETURN nullif(current_setting('stall.id', true), '')::bigint
        SQL;

    /** Only where a row comes without its stall; what comes in bulk brings it along and pays nothing. */
    private const FILL_STALL = <<<'SQL'
        CREATE OR REPLACE FUNCTION fill_stall() RETURNS trigger LANGUAGE plpgsql AS $body$
        BEGIN
            EXECUTE format('SELECT stall_id FROM %I WHERE id = ($1).%I', TG_ARGV[0], TG_ARGV[1]) INTO NEW.stall_id USING NEW;
            RETURN NEW;
        END
        $body$
        SQL;

    /**
     * Under a policy PostgreSQL doesn't use indexes whose operators might tell of rows they refuse: text search,
     * trigrams, patterns. These functions may use them. Each looks at the entered stall only, whatever it is asked.
     */
    private const SEARCHES = [
        'items_called(english text, prefix text) RETURNS SETOF bigint' => <<<'SQL'
            SELECT id FROM supplier_items
            WHERE stall_id = (SELECT current_stall())
              AND (search @@ websearch_to_tsquery('english', english) OR (prefix <> '' AND search @@ to_tsquery('simple', prefix)))
            SQL
        ,
        'items_titled(pattern text) RETURNS SETOF bigint' => <<<'SQL'
            SELECT id FROM supplier_items WHERE stall_id = (SELECT current_stall()) AND title ILIKE pattern
            SQL
        ,
        'listings_titled(pattern text) RETURNS SETOF bigint' => <<<'SQL'
            SELECT id FROM listings WHERE stall_id = (SELECT current_stall()) AND shown_title ILIKE pattern
            SQL
        ,
        'orders_for(pattern text) RETURNS SETOF bigint' => <<<'SQL'
            SELECT id FROM orders WHERE stall_id = (SELECT current_stall()) AND (name ILIKE pattern OR email ILIKE pattern)
            SQL
        ,
        'variants_coded(prefix text, beyond text) RETURNS SETOF bigint' => <<<'SQL'
            SELECT id FROM supplier_variants
            WHERE stall_id = (SELECT current_stall()) AND lower(sku) ~>=~ prefix AND lower(sku) ~<~ beyond
            SQL
        ,
    ];

    /** Which stall a caller from outside belongs to, before it is entered. */
    private const STALL_OF_CONNECTION = <<<'SQL'
        CREATE OR REPLACE FUNCTION stall_of_connection(known_as uuid) RETURNS bigint
        LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
        AS 'SELECT stall_id FROM supplier_connections WHERE public_id = known_as'
        SQL;

    /** Analysing takes the owner of a table. */
    private const ANALYSE = <<<'SQL'
        CREATE OR REPLACE FUNCTION analyse_finding() RETURNS void
        LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $body$
        BEGIN
            ANALYZE item_landings;
            ANALYZE supplier_items;
        END
        $body$
        SQL;

    public function up(): void
    {
        DB::statement(self::CURRENT_STALL);
        DB::statement(self::FILL_STALL);
        foreach (self::CHILDREN as $table => [$parent, $key]) {
            DB::statement("ALTER TABLE $table ADD COLUMN stall_id bigint");
            DB::statement(
                "UPDATE $table row SET stall_id = parent.stall_id FROM $parent parent WHERE parent.id = row.$key",
            );
            DB::statement("ALTER TABLE $table ALTER COLUMN stall_id SET NOT NULL");
            DB::statement(
                "CREATE TRIGGER fill_stall BEFORE INSERT ON $table FOR EACH ROW WHEN (NEW.stall_id IS NULL) EXECUTE ".
                    "FUNCTION fill_stall('$parent', '$key')",
            );
        }
        foreach ([...array_keys(self::CHILDREN), ...self::WITH_A_STALL] as $table) {
            DB::statement("ALTER TABLE $table ENABLE ROW LEVEL SECURITY");
            DB::statement("CREATE POLICY one_stall ON $table USING (stall_id = (SELECT current_stall()))");
        }
        // Which stall is meant is looked up here before it is entered; it is changed only from within.
        DB::statement('ALTER TABLE stalls ENABLE ROW LEVEL SECURITY');
        DB::statement('CREATE POLICY known ON stalls FOR SELECT USING (true)');
        DB::statement('CREATE POLICY opened ON stalls FOR INSERT WITH CHECK (true)');
        DB::statement('CREATE POLICY changed ON stalls FOR UPDATE USING (id = (SELECT current_stall()))');
        DB::statement('CREATE POLICY ended ON stalls FOR DELETE USING (id = (SELECT current_stall()))');
        foreach (self::SEARCHES as $function => $sql) {
            DB::statement(
                "CREATE OR REPLACE FUNCTION $function LANGUAGE sql STABLE PARALLEL SAFE SECURITY DEFINER SET ".
                    "search_path = public, pg_temp AS \$body\$ $sql \$body\$",
            );
        }
        DB::statement(self::STALL_OF_CONNECTION);
        DB::statement(self::ANALYSE);
        // What the palette searches by a few letters.
        DB::statement('CREATE INDEX supplier_items_title_words ON supplier_items USING gin (title gin_trgm_ops)');
        DB::statement('CREATE INDEX orders_name_words ON orders USING gin (name gin_trgm_ops, email gin_trgm_ops)');
    }
};
