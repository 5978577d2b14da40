<?php

declare(strict_types=1);

namespace WindowStall\Source\Pulling;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\PrintMethod;
use WindowStall\Source\Landing\FirstLandings;
use WindowStall\Source\SupplierConnection;
use WindowStall\Support\Copy;

/**
 * Stores a page of a catalogue as said, whole or not at all. An unchanged item costs one comparison and no new words.
 *
 * What changed goes by COPY into tables of the session, and from there by one statement per table.
 *
 * @phpstan-import-type ChangedItem from ItemChanges
 * @phpstan-import-type FirstFigures from FirstLandings
 */
final class SaveItems
{
    /** Letters of SKUs and barcodes that are searched; a tsvector ends at a megabyte. */
    private const MOST_CODES = 200_000;

    private const STAGE_ITEMS = <<<'SQL'
        CREATE TEMP TABLE IF NOT EXISTS stage_items (
            external_id text, title text, category text, picture text, currency text, content_hash text, words_id bigint,
            rating smallint, variants int, stock bigint, cost bigint, codes text, said text, methods text, raw text, renamed boolean
        )
        SQL;

    private const ITEM_COLUMNS = [
        'external_id',
        'title',
        'category',
        'picture',
        'currency',
        'content_hash',
        'words_id',
        'rating',
        'variants',
        'stock',
        'cost',
        'codes',
        'said',
        'methods',
        'raw',
        'renamed',
    ];

    private const STAGE_VARIANTS = <<<'SQL'
        CREATE TEMP TABLE IF NOT EXISTS stage_variants (
            item text, external_id text, sku text, barcode text, label text,
            position int, cost bigint, stock bigint, grams int, rrp bigint
        )
        SQL;

    private const VARIANT_COLUMNS = [
        'item',
        'external_id',
        'sku',
        'barcode',
        'label',
        'position',
        'cost',
        'stock',
        'grams',
        'rrp',
    ];

    private const PUT_ITEMS = <<<'SQL'
        INSERT INTO supplier_items (
            stall_id, connection_id, external_id, title, category, picture, currency, content_hash, words_id, rating,
            variants_count, stock, cost_minor, skus, methods, raw_hash, created_at, updated_at
        )
        SELECT :stall, :connection, external_id, title, category, picture, currency, content_hash, words_id, rating,
               variants, stock, cost, codes, methods::jsonb, raw, now(), now()
        FROM stage_items
        ON CONFLICT (connection_id, external_id) DO UPDATE SET
            title = excluded.title,
            category = excluded.category,
            picture = excluded.picture,
            currency = excluded.currency,
            content_hash = excluded.content_hash,
            words_id = excluded.words_id,
            rating = excluded.rating,
            variants_count = excluded.variants_count,
            stock = excluded.stock,
            cost_minor = excluded.cost_minor,
            skus = excluded.skus,
            methods = excluded.methods,
            raw_hash = excluded.raw_hash,
            gone_at = NULL,
            updated_at = now()
        SQL;

    private const MARK = <<<'SQL'
        INSERT INTO unsettled_items (supplier_item_id, stall_id, connection_id, renamed)
        SELECT item.id, item.stall_id, item.connection_id, said.renamed
        FROM stage_items AS said
        JOIN supplier_items AS item ON item.connection_id = :connection AND item.external_id = said.external_id
        ON CONFLICT (supplier_item_id) DO UPDATE SET renamed = unsettled_items.renamed OR excluded.renamed
        SQL;

    private const PUT_WORDS = <<<'SQL'
        INSERT INTO supplier_words (stall_id, id, supplier_item_id, content_hash, said, said_at)
        SELECT item.stall_id, said.words_id, item.id, said.content_hash, said.said::json, now()
        FROM stage_items AS said
        JOIN supplier_items AS item ON item.connection_id = :connection AND item.external_id = said.external_id
        SQL;

    /** The same id twice in one item: the first stands. */
    private const PUT_VARIANTS = <<<'SQL'
        INSERT INTO supplier_variants (
            stall_id, supplier_item_id, external_id, sku, barcode, label, position, cost_minor, stock, grams, rrp_minor,
            goods_minor, delivery_minor, landed_minor, days_min, days_max, warehouse, method, first_minor,
            further_minor, out_of_reach, to_order
        )
        SELECT DISTINCT ON (item.id, said.external_id)
               item.stall_id, item.id, said.external_id, said.sku, said.barcode, said.label, said.position,
               said.cost, said.stock, said.grams, said.rrp,
               landed.goods, landed.delivery, landed.landed, landed.dmin, landed.dmax, landed.wh, landed.method,
               landed.first, landed.further, COALESCE(landed.beyond, 0), item.methods IS NULL
        FROM stage_variants AS said
        JOIN supplier_items AS item ON item.connection_id = :connection AND item.external_id = said.item
        LEFT JOIN stage_landed AS landed ON landed.item = said.item AND landed.external_id = said.external_id
        ORDER BY item.id, said.external_id, said.position
        ON CONFLICT (supplier_item_id, external_id) DO UPDATE SET
            sku = excluded.sku,
            barcode = excluded.barcode,
            label = excluded.label,
            position = excluded.position,
            cost_minor = excluded.cost_minor,
            stock = excluded.stock,
            grams = excluded.grams,
            rrp_minor = excluded.rrp_minor,
            to_order = excluded.to_order,
            gone_at = NULL
        WHERE (
            supplier_variants.sku, supplier_variants.barcode, supplier_variants.label, supplier_variants.position,
            supplier_variants.cost_minor, supplier_variants.stock, supplier_variants.grams,
            supplier_variants.rrp_minor, supplier_variants.to_order, supplier_variants.gone_at
        ) IS DISTINCT FROM (
            excluded.sku, excluded.barcode, excluded.label, excluded.position,
            excluded.cost_minor, excluded.stock, excluded.grams,
            excluded.rrp_minor, excluded.to_order, NULL::timestamptz
        )
        SQL;

    public function __construct(private readonly FirstLandings $landings)
    {
    }

    /**
     * @param  list<Item>  $items
     * @param  array<string, string>  $raw  item's id → a hash of it as it came
     * @return array{new: int, changed: int, same: int}
     */
    public function __invoke(SupplierConnection $connection, array $items, array $raw = []): array
    {
        return DB::transaction(function () use ($connection, $items, $raw): array {
            $compared = $this->compare($connection, $items, $raw);
            $this->write($connection, $compared, mark: true);

            return $compared->counts;
        });
    }

    /**
     * Tells what the supplier says anew from what it said before; nothing is written.
     *
     * @param  list<Item>  $items  the same twice: the first stands
     * @param  array<string, string>  $raw  item's id → a hash of it as it came
     */
    public function compare(SupplierConnection $connection, array $items, array $raw = []): ItemChanges
    {
        $known = $this->known($connection, $items);
        $changed = [];
        $counts = ['new' => 0, 'changed' => 0, 'same' => 0];
        $seen = [];
        foreach ($items as $item) {
            if (isset($seen[$item->id])) {
                continue;
            }
            $seen[$item->id] = true;
            $said = $item->canonical();
            $hash = Item::hashOf($said);
            $before = $known[$item->id] ?? null;
            if ($before?->hash === $hash) {
                $counts['same']++;
            } else {
                $counts[$before === null ? 'new' : 'changed']++;
                $renamed = $before?->title !== $item->title || $before->category !== $item->category;
                $changed[] = ['item' => $item, 'hash' => $hash, 'said' => $said, 'renamed' => $renamed];
            }
        }

        return new ItemChanges($changed, $counts, array_map(strval(...), array_keys($seen)), $raw);
    }

    /**
     * Stores what a supplier says for the first time, with what it costs landed. What it says twice over is marked: only
     * that has to be landed again.
     *
     * @param  FirstFigures  $landed
     */
    public function first(SupplierConnection $connection, ItemChanges $compared, array $landed): void
    {
        DB::transaction(fn () => $this->write($connection, $compared, $compared->counts['changed'] > 0, $landed));
    }

    /**
     * @param  list<Item>  $items
     * @return array<string, \stdClass> hash, title and category by external id; no hash for one that was gone
     */
    private function known(SupplierConnection $connection, array $items): array
    {
        return DB::table('supplier_items')
            ->where('connection_id', $connection->id)
            ->whereIn('external_id', array_map(static fn (Item $i): string => $i->id, $items))
            ->selectRaw('external_id, CASE WHEN gone_at IS NULL THEN content_hash END AS hash, title, category')
            ->get()
            ->keyBy('external_id')
            ->all();
    }

    /**
     * @param  bool  $mark  whether it is noted which goods have to be worked in
     * @param  FirstFigures  $landed  none where they are landed afterwards
     */
    private function write(
        SupplierConnection $connection,
        ItemChanges $compared,
        bool $mark,
        array $landed = FirstLandings::NONE,
    ): void {
        $changed = $compared->changed;
        if ($changed === []) {
            return;
        }
        DB::statement(self::STAGE_ITEMS);
        DB::statement(self::STAGE_VARIANTS);
        DB::statement('TRUNCATE stage_items, stage_variants');
        Copy::into('stage_items', self::ITEM_COLUMNS, self::items($changed, $compared->raw));
        Copy::into('stage_variants', self::VARIANT_COLUMNS, self::variants(array_column($changed, 'item')));
        $this->landings->layBy($landed);
        DB::insert(self::PUT_ITEMS, ['stall' => $connection->stall_id, 'connection' => $connection->id]);
        if ($mark) {
            DB::insert(self::MARK, ['connection' => $connection->id]);
        }
        DB::insert(self::PUT_WORDS, ['connection' => $connection->id]);
        DB::insert(self::PUT_VARIANTS, ['connection' => $connection->id]);
        $landed === FirstLandings::NONE || $this->landings->put($connection);
        if ($compared->counts['changed'] > 0) {
            // Some were here before, and may have lost variants.
            $this->letGo($connection);
        }
    }

    /** Variants that their item doesn't list any more. */
    private function letGo(SupplierConnection $connection): void
    {
        // Tables of the session are never analysed by themselves; without this the planner takes them for tiny.
        DB::statement('ANALYZE stage_items, stage_variants');
        DB::update(
            <<<'SQL'
                UPDATE supplier_variants AS variant
                SET gone_at = now(), stock = 0
                FROM stage_items AS said
                JOIN supplier_items AS item ON item.connection_id = ? AND item.external_id = said.external_id
                WHERE variant.supplier_item_id = item.id
                  AND variant.gone_at IS NULL
                  AND NOT EXISTS (
                      SELECT 1
                      FROM stage_variants AS listed
                      WHERE listed.item = said.external_id AND listed.external_id = variant.external_id
                  )
                SQL
            ,
            [$connection->id],
        );
    }

    /**
     * @param  list<ChangedItem>  $changed
     * @param  array<string, string>  $raw
     * @return \Generator<int, list<string|int|bool|null>>
     */
    private static function items(array $changed, array $raw): \Generator
    {
        $ids = array_map(
            static fn (\stdClass $r): int => (int) $r->id,
            DB::select("SELECT nextval('supplier_words_id_seq') AS id FROM generate_series(1, ?)", [count($changed)]),
        );
        foreach ($changed as $n => ['item' => $item, 'hash' => $hash, 'said' => $said, 'renamed' => $renamed]) {
            $methods =
                $item->blank === null
                    ? null
                    : array_map(static fn (PrintMethod $m): string => $m->code, $item->blank->methods);
            $stock = $least = null;
            foreach ($item->variants as $variant) {
                $stock += $variant->pieces();
                $least = min($least ?? $variant->cost->minor, $variant->cost->minor);
            }
            yield [
                $item->id,
                $item->title,
                $item->category,
                $item->pictures[0] ?? null,
                $item->currency,
                $hash,
                $ids[$n],
                $item->ratingTenths,
                count($item->variants),
                $stock ?? 0,
                $least,
                self::codes($item),
                $said,
                $methods === null ? null : json_encode($methods, JSON_THROW_ON_ERROR),
                $raw[$item->id] ?? null,
                $renamed,
            ];
        }
    }

    /**
     * @param  list<Item>  $items
     * @return \Generator<int, list<string|int|null>>
     */
    private static function variants(array $items): \Generator
    {
        foreach ($items as $item) {
            foreach ($item->variants as $position => $v) {
                yield [
                    $item->id,
                    $v->id,
                    $v->sku,
                    $v->barcode,
                    mb_substr($v->label(), 0, 300),
                    $position,
                    $v->cost->minor,
                    $v->pieces(),
                    $v->grams,
                    $v->rrp?->minor,
                ];
            }
        }
    }

    private static function codes(Item $item): string
    {
        $codes = '';
        foreach ($item->variants as $v) {
            $codes .= $v->sku.' '.$v->barcode.' ';
            if (strlen($codes) > self::MOST_CODES) {
                break;
            }
        }

        return $codes;
    }
}
