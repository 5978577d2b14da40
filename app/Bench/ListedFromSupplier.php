<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Source\ListedGoods;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;

/** A stall's listings of one supplier's goods. */
final class ListedFromSupplier implements ListedGoods
{
    public function count(Stall $stall, SupplierConnection $connection): array
    {
        return [
            'shown' => $this->of($stall, $connection)->where('state', ListingState::InWindow)->count(),
            'all' => $this->of($stall, $connection)->count(),
        ];
    }

    public function putBy(Stall $stall, SupplierConnection $connection): int
    {
        return DB::transaction(function () use ($stall, $connection): int {
            event(new ListingsChanged($stall, null));

            return $this->of($stall, $connection)->update(['state' => ListingState::PutBy]);
        });
    }

    /** @return HasMany<Listing, Stall> */
    private function of(Stall $stall, SupplierConnection $connection): HasMany
    {
        $items = SupplierItem::query()->where('connection_id', $connection->id)->select('id');

        return Listing::of($stall)->whereIn('supplier_item_id', $items);
    }
}
