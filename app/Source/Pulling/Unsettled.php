<?php

declare(strict_types=1);

namespace WindowStall\Source\Pulling;

use Illuminate\Support\Facades\DB;
use WindowStall\Source\SupplierConnection;
use WindowStall\Support\Ids;

/** Goods of which something was said that isn't worked into landed costs, prices and listings yet. */
final class Unsettled
{
    private const AT_ONCE = 10_000;

    /** @return list<int> */
    public static function of(SupplierConnection $connection): array
    {
        return Ids::of('SELECT supplier_item_id AS id FROM unsettled_items WHERE connection_id = ?', [$connection->id]);
    }

    public static function count(SupplierConnection $connection): int
    {
        return DB::table('unsettled_items')->where('connection_id', $connection->id)->count();
    }

    /** Whether any of them is called otherwise than before. */
    public static function renamed(SupplierConnection $connection): bool
    {
        return DB::table('unsettled_items')->where('connection_id', $connection->id)->where('renamed', true)->exists();
    }

    /** @param  list<int>  $items  that have been worked in */
    public static function settle(array $items): void
    {
        foreach (array_chunk($items, self::AT_ONCE) as $some) {
            DB::table('unsettled_items')->whereIn('supplier_item_id', $some)->delete();
        }
    }
}
