<?php

declare(strict_types=1);

namespace WindowStall\Source\Pulling;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Drift\Guards\GuardLimits;
use WindowStall\Core\Drift\Guards\Suspicion;
use WindowStall\Core\Drift\Guards\Tally;
use WindowStall\Core\Drift\Guards\VariantGlance;
use WindowStall\Core\Drift\Guards\Weighed;
use WindowStall\Core\Source\Item;
use WindowStall\Source\SupplierConnection;
use WindowStall\Support\PgArray;

/** Looks at what a pull would do to a supplier's goods, page by page, and judges it as a whole. */
final class JudgePull
{
    /** Barcodes that are looked up at a time. */
    private const AT_ONCE = 1_000;

    /** Barcodes that are new to their variants; a pull that has more of them is suspect for other reasons. */
    private const MOST_BARCODES = 20_000;

    private const BEFORE = <<<'SQL'
        SELECT item.external_id AS item, variant.external_id AS variant, variant.label, variant.cost_minor AS cost,
               variant.stock, variant.barcode, item.currency
        FROM supplier_items AS item
        JOIN supplier_variants AS variant ON variant.supplier_item_id = item.id
        WHERE item.connection_id = ?
          AND item.external_id = ANY (?::text[])
          AND item.gone_at IS NULL
          AND variant.gone_at IS NULL
        SQL;

    private const STANDING = <<<'SQL'
        WITH goods AS (
            SELECT id FROM supplier_items WHERE connection_id = ? AND gone_at IS NULL
        )
        SELECT (SELECT count(*) FROM goods) AS goods,
               count(*) AS variants,
               count(*) FILTER (WHERE variant.stock > 0) AS in_stock
        FROM supplier_variants AS variant
        WHERE variant.gone_at IS NULL
          AND variant.supplier_item_id IN (SELECT id FROM goods)
        SQL;

    private const OWNERS = <<<'SQL'
        SELECT variant.barcode, min(item.title || CASE WHEN variant.label = '' THEN '' ELSE ' · ' || variant.label END) AS label
        FROM supplier_variants AS variant
        JOIN supplier_items AS item ON item.id = variant.supplier_item_id
        WHERE item.connection_id = ?
          AND item.gone_at IS NULL
          AND variant.gone_at IS NULL
          AND variant.barcode = ANY (?::text[])
        GROUP BY variant.barcode
        SQL;

    private Tally $tally;

    private int $met = 0;

    public function __construct()
    {
        $this->tally = new Tally();
    }

    public function look(SupplierConnection $connection, ItemChanges $compared): void
    {
        $this->met += count($compared->ids);
        if ($compared->counts['changed'] === 0) {
            return;
        }
        $items = array_column($compared->changed, 'item');
        $before = $this->before($connection, array_map(static fn (Item $i): string => $i->id, $items));
        foreach ($items as $item) {
            foreach ($before[$item->id] ?? [] as $id => $was) {
                $this->tally->changed($was, self::now($item, (string) $id, $was));
            }
        }
    }

    /** @return list<Suspicion> why it shouldn't be used by itself; empty where nothing is amiss */
    public function judge(SupplierConnection $connection, Weighed $weighed): array
    {
        return $this->tally->judge(GuardLimits::from($connection->guards), $weighed);
    }

    /** The same of a part of the goods, in which none can be missing. */
    public function part(int $goods, int $variants): Weighed
    {
        return $this->tally->weigh(
            goods: $goods,
            missing: 0,
            variants: $variants,
            inStock: $variants,
            moved: 0,
            met: $goods,
        );
    }

    public function weigh(SupplierConnection $connection, Gathered $gathered): Weighed
    {
        $standing = DB::selectOne(self::STANDING, [$connection->id]);

        return $this->tally->weigh(
            goods: (int) $standing->goods,
            missing: $gathered->missing($connection),
            variants: (int) $standing->variants,
            inStock: (int) $standing->in_stock,
            moved: $this->movedBarcodes($connection),
            met: $this->met,
        );
    }

    /**
     * @param  list<string>  $items  the supplier's ids
     * @return array<string, array<string, VariantGlance>> item → variant → as it stood
     */
    private function before(SupplierConnection $connection, array $items): array
    {
        $before = [];
        foreach (DB::select(self::BEFORE, [$connection->id, PgArray::texts($items)]) as $row) {
            $before[(string) $row->item][(string) $row->variant] = new VariantGlance(
                label: (string) $row->label,
                cost: (int) $row->cost,
                currency: (string) $row->currency,
                pieces: (int) $row->stock,
                barcode: $row->barcode === null ? null : (string) $row->barcode,
            );
        }

        return $before;
    }

    /** As the pull has it; a variant that isn't in it can't be sold. */
    private static function now(Item $item, string $id, VariantGlance $was): VariantGlance
    {
        $variant = $item->variant($id);
        $title = mb_strimwidth($item->title, 0, 60, '…');
        $label = $was->label === '' ? $title : $title.' · '.$was->label;

        return $variant === null
            ? new VariantGlance($label, $was->cost, $was->currency, 0, null)
            : new VariantGlance($label, $variant->cost->minor, $item->currency, $variant->pieces(), $variant->barcode);
    }

    private function movedBarcodes(SupplierConnection $connection): int
    {
        $moved = 0;
        $new = array_slice($this->tally->barcodes(), 0, self::MOST_BARCODES, true);
        foreach (array_chunk(array_map(strval(...), array_keys($new)), self::AT_ONCE) as $codes) {
            foreach (DB::select(self::OWNERS, [$connection->id, PgArray::texts($codes)]) as $row) {
                $this->tally->movedBarcode((string) $row->barcode, (string) $row->label, $new[$row->barcode]);
                $moved++;
            }
        }

        return $moved;
    }
}
