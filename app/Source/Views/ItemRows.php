<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

use WindowStall\Core\Pricing\Till;
use WindowStall\Source\ItemLanding;
use WindowStall\Source\ItemSearch;
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
        $items = SupplierItem::query()->with('connection')->withCount('listings')->whereKey($ids)->get()->keyBy('id');
        $landings = ItemLanding::query()->whereIn('supplier_item_id', $ids)->where('market', $search->market)->get()->keyBy('supplier_item_id');
        $rows = [];
        foreach ($ids as $id) {
            $item = $items->get($id);
            if ($item !== null) {
                $landing = $landings->get($id);
                $keep = $search->price === null || $landing?->goods_minor === null || $landing->delivery_minor === null ? null : Till::ring($stall->money($search->price), $stall->flatDelivery(), $stall->money($landing->goods_minor), $stall->money($landing->delivery_minor), $stall->terms())->keep;
                $rows[] = ItemRowView::of($stall, $item, $landing, $keep);
            }
        }

        return $rows;
    }
}
