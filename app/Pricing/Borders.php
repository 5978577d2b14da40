<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Pricing\Recipe\Border;
use WindowStall\Core\Pricing\Recipe\PricedGoods;
use WindowStall\Core\Pricing\Recipe\RuledRecipe;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;
use WindowStall\Support\PgArray;

/**
 * How far prices lie apart where one recipe takes over from another by cost. Looked at in goods there are: those of
 * each recipe that lie nearest to its end, with what it costs to send them.
 */
final class Borders
{
    /** Of what each recipe prices the cheapest goods and the dearest. */
    private const NEAREST = <<<'SQL'
        WITH priced AS (
            SELECT price.recipe_id, price.goods_minor, price.delivery_minor, price.duty_minor, price.handling_minor,
                   item.connection_id, listing.own_type, listing.own_tags::text AS own_tags, source.grams,
                   item.methods::text AS methods,
                   row_number() OVER (PARTITION BY price.recipe_id ORDER BY price.goods_minor, variant.id) AS rising,
                   row_number() OVER (PARTITION BY price.recipe_id ORDER BY price.goods_minor DESC, variant.id) AS falling
            FROM prices AS price
            JOIN listing_variants AS variant ON variant.id = price.listing_variant_id
            JOIN listings AS listing ON listing.id = variant.listing_id AND listing.deleted_at IS NULL
            JOIN supplier_variants AS source ON source.id = variant.selling_id
            JOIN supplier_items AS item ON item.id = source.supplier_item_id
            WHERE price.stall_id = :stall
              AND price.market = :market
              AND price.offered
              AND price.landed_minor IS NOT NULL
              AND price.recipe_id = ANY (:recipes::bigint[])
        )
        SELECT * FROM priced WHERE rising = 1 OR falling = 1
        SQL;

    /** @return array<int, list<Border>> recipe → where it begins and where it ends, as far as another takes over there */
    public static function of(Stall $stall): array
    {
        $sheet = CostSheet::of($stall);
        $book = $sheet->book();
        $bounded = array_filter(
            $book->recipes,
            static fn (RuledRecipe $r): bool => $r->when->costFrom !== null || $r->when->costTo !== null,
        );
        if ($bounded === []) {
            return [];
        }
        $nearest = collect(DB::select(self::NEAREST, [
            'stall' => $stall->id,
            'market' => $stall->home_market,
            'recipes' => PgArray::numbers(array_values(array_map(static fn (RuledRecipe $r): int => $r->id, $bounded))),
        ]))->groupBy('recipe_id');
        $terms = $sheet->terms($stall->home_market);
        $borders = [];
        foreach ($bounded as $recipe) {
            $rows = $nearest->get($recipe->id, collect());
            foreach ([['rising', $recipe->when->costFrom, -1], ['falling', $recipe->when->costTo, 0]] as [$end, $at, $by]) {
                $row = $rows->firstWhere($end, 1);
                if ($at === null || $row === null || $at + $by < 0) {
                    continue;
                }
                $border = $book->border($at + $by, self::goods($stall, $row), self::sent($stall, $row), $terms);
                if ($border !== null) {
                    $borders[$recipe->id][] = $border;
                }
            }
        }

        return $borders;
    }

    private static function goods(Stall $stall, \stdClass $row): PricedGoods
    {
        return new PricedGoods(
            (int) $row->connection_id,
            (string) $row->own_type,
            array_values(array_map(strval(...), (array) json_decode((string) $row->own_tags, true))),
            (int) $row->goods_minor,
            (int) $row->grams,
            $stall->home_market,
            $row->methods === null
                ? []
                : array_values(array_map(strval(...), (array) json_decode((string) $row->methods, true))),
        );
    }

    private static function sent(Stall $stall, \stdClass $row): Landed
    {
        return Landed::of(
            $stall->money((int) $row->goods_minor),
            $stall->money((int) $row->delivery_minor),
            $stall->money((int) $row->duty_minor),
            $stall->money((int) $row->handling_minor),
        );
    }
}
