<?php

declare(strict_types=1);

namespace WindowStall\Source;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Source\PrintMethod;
use WindowStall\Core\Source\SupplierItem as Item;
use WindowStall\Core\Source\SupplierVariant as Variant;
use WindowStall\Support\Copy;

/**
 * Stores a page of a catalogue as said, whole or not at all. An unchanged item costs one comparison and no new words.
 *
 * What changed goes by COPY into tables of the session, and from there by one statement per table.
 */
final class SaveItems
{
    /** Letters of SKUs and barcodes that are searched; a tsvector ends at a megabyte. */
    private const MOST_CODES = 200_000;

    /**
     * @param  list<Item>  $items
     * @return array{new: int, changed: int, same: int}
     */
    public function __invoke(SupplierConnection $connection, array $items): array
    {
        return DB::transaction(function () use ($connection, $items): array {
            $compared = $this->compare($connection, $items);
            $this->store($connection, $compared);

            return $compared->counts;
        });
    }

    /**
     * Tells what the supplier says anew from what it said before; nothing is written.
     *
     * @param  list<Item>  $items  the same twice: the first stands
     */
    public function compare(SupplierConnection $connection, array $items): Compared
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
            if (($known[$item->id] ?? null) === $hash) {
                $counts['same']++;
            } else {
                $counts[array_key_exists($item->id, $known) ? 'changed' : 'new']++;
                $changed[] = ['item' => $item, 'hash' => $hash, 'said' => $said];
            }
        }

        return new Compared($changed, $counts, array_map(strval(...), array_keys($seen)));
    }

    public function store(SupplierConnection $connection, Compared $compared): void
    {
        if ($compared->changed !== []) {
            $this->write($connection, $compared->changed, known: $compared->counts['changed'] > 0);
        }
    }

    /**
     * @param  list<Item>  $items
     * @return array<string, string|null> content hash by external id; null for one that was gone
     */
    private function known(SupplierConnection $connection, array $items): array
    {
        return DB::table('supplier_items')->where('connection_id', $connection->id)->whereIn('external_id', array_map(static fn (Item $i): string => $i->id, $items))
            ->selectRaw('external_id, CASE WHEN gone_at IS NULL THEN content_hash END AS hash')->pluck('hash', 'external_id')->all();
    }

    /**
     * @param  list<array{item: Item, hash: string, said: string}>  $changed
     * @param  bool  $known  whether any of them was here before, and may have lost variants
     */
    private function write(SupplierConnection $connection, array $changed, bool $known): void
    {
        DB::statement('CREATE TEMP TABLE IF NOT EXISTS stage_items (external_id text, title text, category text, picture text, currency text, content_hash text, words_id bigint, rating smallint, variants int, stock bigint, cost bigint, codes text, said text, methods text)');
        DB::statement('CREATE TEMP TABLE IF NOT EXISTS stage_variants (item text, external_id text, sku text, barcode text, label text, position int, cost bigint, stock bigint, grams int, rrp bigint)');
        DB::statement('TRUNCATE stage_items, stage_variants');
        $ids = array_map(static fn (\stdClass $r): int => (int) $r->id, DB::select("SELECT nextval('supplier_words_id_seq') AS id FROM generate_series(1, ?)", [count($changed)]));
        Copy::into('stage_items', ['external_id', 'title', 'category', 'picture', 'currency', 'content_hash', 'words_id', 'rating', 'variants', 'stock', 'cost', 'codes', 'said', 'methods'], (static function () use ($changed, $ids): \Generator {
            foreach ($changed as $n => ['item' => $item, 'hash' => $hash, 'said' => $said]) {
                yield [
                    $item->id, $item->title, $item->category, $item->pictures[0] ?? null, $item->currency, $hash, $ids[$n], $item->ratingTenths, count($item->variants),
                    array_sum(array_map(static fn (Variant $v): int => $v->pieces(), $item->variants)), $item->variants === [] ? null : min(array_map(static fn (Variant $v): int => $v->cost->minor, $item->variants)),
                    self::codes($item), $said, $item->blank === null ? null : json_encode(array_map(static fn (PrintMethod $m): string => $m->code, $item->blank->methods), JSON_THROW_ON_ERROR),
                ];
            }
        })());
        Copy::into('stage_variants', ['item', 'external_id', 'sku', 'barcode', 'label', 'position', 'cost', 'stock', 'grams', 'rrp'], self::variants(array_column($changed, 'item')));
        DB::insert(<<<'SQL'
            INSERT INTO supplier_items (stall_id, connection_id, external_id, title, category, picture, currency, content_hash, words_id, rating, variants_count, stock, cost_minor, skus, methods, created_at, updated_at)
            SELECT ?, ?, external_id, title, category, picture, currency, content_hash, words_id, rating, variants, stock, cost, codes, methods::jsonb, now(), now() FROM stage_items
            ON CONFLICT (connection_id, external_id) DO UPDATE SET title = excluded.title, category = excluded.category, picture = excluded.picture, currency = excluded.currency,
                content_hash = excluded.content_hash, words_id = excluded.words_id, rating = excluded.rating, variants_count = excluded.variants_count, stock = excluded.stock,
                cost_minor = excluded.cost_minor, skus = excluded.skus, methods = excluded.methods, gone_at = NULL, updated_at = now()
            SQL, [$connection->stall_id, $connection->id]);
        DB::insert(<<<'SQL'
            INSERT INTO supplier_words (stall_id, id, supplier_item_id, content_hash, said, said_at)
            SELECT i.stall_id, s.words_id, i.id, s.content_hash, s.said::json, now()
            FROM stage_items s JOIN supplier_items i ON i.connection_id = ? AND i.external_id = s.external_id
            SQL, [$connection->id]);
        // The same id twice in one item: the first stands.
        DB::insert(<<<'SQL'
            INSERT INTO supplier_variants (stall_id, supplier_item_id, external_id, sku, barcode, label, position, cost_minor, stock, grams, rrp_minor)
            SELECT DISTINCT ON (i.id, v.external_id) i.stall_id, i.id, v.external_id, v.sku, v.barcode, v.label, v.position, v.cost, v.stock, v.grams, v.rrp
            FROM stage_variants v JOIN supplier_items i ON i.connection_id = ? AND i.external_id = v.item ORDER BY i.id, v.external_id, v.position
            ON CONFLICT (supplier_item_id, external_id) DO UPDATE SET sku = excluded.sku, barcode = excluded.barcode, label = excluded.label, position = excluded.position,
                cost_minor = excluded.cost_minor, stock = excluded.stock, grams = excluded.grams, rrp_minor = excluded.rrp_minor, gone_at = NULL
            SQL, [$connection->id]);
        if ($known) {
            $this->letGo($connection);
        }
    }

    /** Variants that their item doesn't list any more. */
    private function letGo(SupplierConnection $connection): void
    {
        // Tables of the session are never analysed by themselves; without this the planner takes them for tiny.
        DB::statement('ANALYZE stage_items, stage_variants');
        DB::update(<<<'SQL'
            UPDATE supplier_variants v SET gone_at = now(), stock = 0 FROM stage_items s JOIN supplier_items i ON i.connection_id = ? AND i.external_id = s.external_id
            WHERE v.supplier_item_id = i.id AND v.gone_at IS NULL AND NOT EXISTS (SELECT 1 FROM stage_variants n WHERE n.item = s.external_id AND n.external_id = v.external_id)
            SQL, [$connection->id]);
    }

    /**
     * @param  list<Item>  $items
     * @return \Generator<int, list<string|int|null>>
     */
    private static function variants(array $items): \Generator
    {
        foreach ($items as $item) {
            foreach ($item->variants as $position => $v) {
                yield [$item->id, $v->id, $v->sku, $v->barcode, mb_substr($v->label(), 0, 300), $position, $v->cost->minor, $v->pieces(), $v->grams, $v->rrp?->minor];
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
