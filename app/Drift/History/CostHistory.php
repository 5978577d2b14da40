<?php

declare(strict_types=1);

namespace WindowStall\Drift\History;

use Illuminate\Support\Facades\DB;
use WindowStall\Drift\DriftChange;
use WindowStall\Support\PgArray;

/** What a supplier asked for variants in the course of time, from what it said at each pull. */
final class CostHistory
{
    private const POINTS = 24;

    private const SAID = <<<'SQL'
        SELECT word.supplier_item_id AS item, variant->>'id' AS variant, (variant->>'cost')::bigint AS cost,
               (
                   SELECT coalesce(sum(pieces::int), 0)
                   FROM jsonb_each_text(variant->'stock') AS held (place, pieces)
               ) AS stock
        FROM (
            SELECT supplier_item_id, id, said,
                   row_number() OVER (PARTITION BY supplier_item_id ORDER BY id DESC) AS age
            FROM supplier_words
            WHERE supplier_item_id = ANY (?::bigint[])
        ) AS word
        CROSS JOIN LATERAL jsonb_array_elements(word.said::jsonb->'variants') AS variant
        WHERE word.age <= ?
          AND variant->>'id' = ANY (?::text[])
        ORDER BY word.supplier_item_id, word.id
        SQL;

    /**
     * @param  iterable<DriftChange>  $changes
     * @return array<string, array{costs: list<int>, stock: list<int>}> "item variant" → oldest first; cost in minor
     *     units
     */
    public static function of(iterable $changes): array
    {
        $items = $variants = [];
        foreach ($changes as $change) {
            if ($change->variant !== '') {
                $items[$change->supplier_item_id] = true;
                $variants[$change->variant] = true;
            }
        }
        if ($items === []) {
            return [];
        }
        $history = [];
        $of = [
            PgArray::numbers(array_keys($items)),
            self::POINTS,
            PgArray::texts(array_map(strval(...), array_keys($variants))),
        ];
        foreach (DB::select(self::SAID, $of) as $row) {
            $key = $row->item.' '.$row->variant;
            $history[$key]['costs'][] = (int) $row->cost;
            $history[$key]['stock'][] = (int) $row->stock;
        }

        return $history;
    }
}
