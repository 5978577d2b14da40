<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

use WindowStall\Source\Finding\ItemSearch;
use WindowStall\Source\Landing\ItemLanding;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;

/** The rows of a page of found items, in the order they were found. */
final class ItemRows
{
    /**
     * @param  list<int>  $ids
     * @return list<ItemRowView>
     */
    public static function of(Stall $stall, ItemSearch $search, array $ids): array
    {
        $items = SupplierItem::query()->with('connection')->withTaken()->whereKey($ids)->get()->keyBy('id');
        $landings = ItemLanding::query()
            ->whereIn('supplier_item_id', $ids)
            ->where('market', $search->market)
            ->get()
            ->keyBy('supplier_item_id');
        $terms = $search->price === null ? null : $stall->terms($search->market);
        $rows = [];
        foreach ($ids as $id) {
            $item = $items->get($id);
            if ($item !== null) {
                $landing = $landings->get($id);
                $keep =
                    $terms === null || $landing?->landed_minor === null
                        ? null
                        : $stall->money($terms->keep((int) $search->price, $landing->landed_minor)[0]);
                $rows[] = ItemRowView::of($stall, $item, $landing, $keep);
            }
        }

        return $rows;
    }
}
