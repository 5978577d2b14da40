<?php

declare(strict_types=1);

namespace WindowStall\Source;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Source\SupplierItem as Item;
use WindowStall\Core\Source\SupplierVariant as Variant;

/** Stores a page of a catalogue as said, whole or not at all. An unchanged item costs one comparison and no new words. */
final class SaveItems
{
    /**
     * @param  list<Item>  $items
     * @return array{new: int, changed: int, same: int}
     */
    public function __invoke(SupplierConnection $connection, Run $run, array $items): array
    {
        $counts = ['new' => 0, 'changed' => 0, 'same' => 0];
        DB::transaction(function () use ($connection, $run, $items, &$counts): void {
            $known = SupplierItem::query()->where('connection_id', $connection->id)->whereIn('external_id', array_map(static fn (Item $i): string => $i->id, $items))->get()->keyBy('external_id');
            $seen = [];
            foreach ($items as $item) {
                $row = $known->get($item->id);
                $hash = $item->hash();
                if ($row !== null && $row->content_hash === $hash && $row->gone_at === null) {
                    $counts['same']++;
                    $seen[] = $row->id;

                    continue;
                }
                $counts[$row === null ? 'new' : 'changed']++;
                $seen[] = $this->save($connection, $row, $item, $hash)->id;
            }
            SupplierItem::query()->whereIn('id', $seen)->update(['seen_in_run' => $run->id]);
        });

        return $counts;
    }

    private function save(SupplierConnection $connection, ?SupplierItem $row, Item $item, string $hash): SupplierItem
    {
        $facts = [
            'title' => $item->title, 'category' => $item->category, 'picture' => $item->pictures[0] ?? null, 'currency' => $item->currency, 'content_hash' => $hash, 'rating' => $item->ratingTenths,
            'variants_count' => count($item->variants), 'skus' => implode(' ', array_map(static fn (Variant $v): string => $v->sku.' '.$v->barcode, $item->variants)), 'gone_at' => null,
        ];
        if ($row === null) {
            $row = SupplierItem::query()->create(['stall_id' => $connection->stall_id, 'connection_id' => $connection->id, 'external_id' => $item->id] + $facts);
        } else {
            $row->update($facts);
        }
        $words = SupplierWords::query()->create(['supplier_item_id' => $row->id, 'content_hash' => $hash, 'said' => $item->toArray(), 'said_at' => now()]);
        $row->update(['words_id' => $words->id]);
        $this->variants($row, $item);

        return $row;
    }

    private function variants(SupplierItem $row, Item $item): void
    {
        $rows = [];
        foreach ($item->variants as $position => $v) {
            // The same id twice in one item: the first stands, so that no row is written twice in one statement.
            $rows[$v->id] ??= [
                'supplier_item_id' => $row->id, 'external_id' => $v->id, 'sku' => $v->sku, 'barcode' => $v->barcode, 'label' => mb_substr($v->label(), 0, 300),
                'position' => $position, 'cost_minor' => $v->cost->minor, 'stock' => $v->pieces(), 'gone_at' => null,
            ];
        }
        foreach (array_chunk(array_values($rows), 500) as $some) {
            SupplierVariant::query()->upsert($some, ['supplier_item_id', 'external_id'], ['sku', 'barcode', 'label', 'position', 'cost_minor', 'stock', 'gone_at']);
        }
        SupplierVariant::query()->where('supplier_item_id', $row->id)->whereNull('gone_at')->whereNotIn('external_id', array_keys($rows))->update(['gone_at' => now(), 'stock' => 0]);
    }
}
