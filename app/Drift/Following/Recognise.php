<?php

declare(strict_types=1);

namespace WindowStall\Drift\Following;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Drift\Change;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Drift;
use WindowStall\Core\Drift\Likeness;
use WindowStall\Source\SupplierItem;

/** Looks whether an item that left a supplier's catalogue stands in it under another code, and in no listing yet. */
final readonly class Recognise
{
    /** Items that are looked at; the likeliest by title. */
    private const MOST = 30;

    private const CANDIDATES = <<<'SQL'
        SELECT other.id
        FROM supplier_items AS other
        WHERE other.connection_id = :connection
          AND other.id <> :item
          AND other.gone_at IS NULL
          AND NOT EXISTS (
              SELECT 1 FROM listings WHERE listings.supplier_item_id = other.id AND listings.deleted_at IS NULL
          )
          AND (
              EXISTS (
                  SELECT 1
                  FROM supplier_variants AS mine
                  JOIN supplier_variants AS theirs ON theirs.supplier_item_id = other.id
                      AND (theirs.barcode = mine.barcode OR theirs.sku = mine.sku)
                  WHERE mine.supplier_item_id = :item
              )
              OR other.created_at >= :since AND other.title % :title
          )
        ORDER BY similarity(other.title, :title) DESC, other.id
        LIMIT :most
        SQL;

    /** That an item left its supplier's catalogue, seems to stand there under another code, or came back. */
    public function leftOrBack(SupplierItem $item): Change
    {
        return $item->gone_at === null ? Drift::back() : $this->item($item) ?? Drift::left();
    }

    /** @return Change|null a proposal; a person agrees to it */
    public function item(SupplierItem $gone): ?Change
    {
        $was = $gone->words?->item();
        if ($was === null) {
            return null;
        }
        $ids = array_column(DB::select(self::CANDIDATES, [
            'connection' => $gone->connection_id,
            'item' => $gone->id,
            'title' => $gone->title,
            // What was there long before it went is another thing.
            'since' => ($gone->gone_at ?? now())->copy()->subDays(3),
            'most' => self::MOST,
        ]), 'id');
        $others = SupplierItem::query()->with('words')->whereKey($ids)->get()->keyBy('id');
        foreach ($ids as $id) {
            $is = $others->get($id)?->words?->item();
            $why = $is === null ? null : Likeness::item($was, $is);
            if ($is !== null && $why !== null) {
                return new Change(
                    kind: ChangeKind::ItemRenamed,
                    variantId: null,
                    about: 'The item',
                    before: $was->id,
                    after: sprintf('%s “%s”, by %s', $is->id, mb_strimwidth($is->title, 0, 80, '…'), $why),
                    said: $is->id,
                );
            }
        }

        return null;
    }
}
