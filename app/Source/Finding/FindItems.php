<?php

declare(strict_types=1);

namespace WindowStall\Source\Finding;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Stall;

/**
 * Finds items by words, SKU or barcode, filtered, counted, sorted and paged by key.
 *
 * Each row knows by which filters it fails (a bit each), so that one pass over the stall's items gives the page and,
 * for every filter, what each of its choices would leave with the other filters as they are.
 */
final readonly class FindItems
{
    private const PAGE = 40;

    /** filter → its bit */
    public const BITS = [
        'supplier' => 1,
        'category' => 2,
        'from' => 4,
        'stock' => 8,
        'landed' => 16,
        'days' => 32,
        'margin' => 64,
        'variants' => 128,
        'rating' => 256,
        'new' => 512,
    ];

    /** sort → the value a row is sorted by, low first, never null; what can't be delivered comes last */
    private const KEYS = [
        'landed' => 'COALESCE(l.landed_minor, 9000000000000000)',
        'days' => 'COALESCE(l.days_max, 9999)',
        'stock' => '-l.stock',
        'rating' => '-COALESCE(l.rating, 0)',
        'variants' => '-l.variants',
        'cost' => 'COALESCE(l.goods_minor, 9000000000000000)',
        'title' => 'i.title',
        'category' => 'l.category',
        'supplier' => 'l.connection_id',
        'from' => "COALESCE(l.warehouse, 'ZZ')",
        'newest' => '-l.supplier_item_id',
    ];

    public function __construct(private ItemSearchWords $searchWords)
    {
    }

    public function __invoke(Stall $stall, ItemSearch $search, ?PageKey $from = null): FoundItems
    {
        $found = $this->find($stall, $search, $search->words, $from);
        if ($found->counts->any || $search->words === '') {
            return $found;
        }
        $instead = $this->searchWords->corrected($stall, $search->words);

        return $instead === null ? $found : $this->find($stall, $search, $instead, $from)->instead($instead);
    }

    private function find(Stall $stall, ItemSearch $search, string $words, ?PageKey $from): FoundItems
    {
        $base = $this->base($stall, $search, $words);
        [$counts, $countValues] = ItemCounts::columns($stall, $search);
        [$page, $pageValues] = $this->page($from);
        $said = (array) DB::selectOne(
            sprintf('WITH b AS MATERIALIZED (%s) SELECT %s, %s', $base->toSql(), $counts, $page),
            [...$base->getBindings(), ...$countValues, ...$pageValues],
        );
        $rows = (array) json_decode((string) ($said['page'] ?? '[]'), true);
        $more = count($rows) > self::PAGE;
        $rows = array_slice($rows, 0, self::PAGE);
        if ($from !== null && $from->back) {
            $rows = array_reverse($rows);
        }
        $key = static fn (mixed $row, bool $back): ?PageKey => is_array($row)
            ? new PageKey($row[0], (int) $row[1], $back)
            : null;

        return new FoundItems(
            array_values(array_map(static fn (array $row): int => (int) $row[1], $rows)),
            $from !== null && (! $from->back || $more) ? $key($rows[0] ?? null, true) : null,
            $more || ($from !== null && $from->back) ? $key(end($rows), false) : null,
            ItemCounts::read($said),
        );
    }

    /** @return array{string, list<int|string>} */
    private function page(?PageKey $from): array
    {
        $back = $from !== null && $from->back;

        return [
            sprintf(
                <<<'SQL'
                    (
                        SELECT json_agg(json_build_array(sort_key, id))
                        FROM (
                            SELECT sort_key, id
                            FROM b
                            WHERE fails = 0 %1$s
                            ORDER BY sort_key %2$s, id %2$s
                            LIMIT %3$d
                        ) AS page
                    ) AS page
                    SQL,
                $from === null ? '' : 'AND (sort_key, id) '.($back ? '<' : '>').' (?, ?)',
                $back ? 'DESC' : 'ASC',
                self::PAGE + 1,
            ),
            $from === null ? [] : [$from->value, $from->id],
        ];
    }

    private function base(Stall $stall, ItemSearch $search, string $words): Builder
    {
        $query = DB::table('item_landings AS l')
            ->where('l.stall_id', $stall->id)
            ->where('l.market', $search->market)
            // What was made here is on the bench already.
            ->whereNotIn(
                'l.supplier_item_id',
                DB::table('supplier_items')->whereNotNull('made_from_id')->where('stall_id', $stall->id)->select('id'),
            )
            // Once for all rows: asking for each whether it was taken would grow with the bench.
            ->leftJoinSub(
                DB::table('listings')
                    ->where('stall_id', $stall->id)
                    ->whereNull('deleted_at')
                    ->selectRaw('DISTINCT supplier_item_id'),
                't',
                't.supplier_item_id',
                '=',
                'l.supplier_item_id',
            );
        // The wide rows only where their titles are asked for.
        if ($search->sort === 'title') {
            $query->join('supplier_items AS i', 'i.id', '=', 'l.supplier_item_id');
        }
        [$fails, $values] = $this->fails($stall, $search);
        $query->selectRaw(
            'l.supplier_item_id AS id, '.
                self::KEYS[$search->sort].
                ' AS sort_key, l.connection_id, l.category, l.warehouse, l.stock, l.variants, l.rating, '.
                    'l.landed_minor, l.days_max, t.supplier_item_id IS NULL AS new, '.
                $fails.
                ' AS fails',
            $values,
        );
        if ($words !== '') {
            $this->searchWords->narrow($query, $words);
        }

        return $query;
    }

    /**
     * @return array{string, list<int|string>} an expression with one bit per filter that a row fails, and its values
     */
    private function fails(Stall $stall, ItemSearch $search): array
    {
        $parts = [];
        $values = [];
        $add = static function (string $filter, string $passes, int|string ...$with) use (&$parts, &$values): void {
            $parts[] = sprintf('CASE WHEN %s THEN 0 ELSE %d END', $passes, self::BITS[$filter]);
            array_push($values, ...array_values($with));
        };
        foreach (
            [
                'supplier' => ['l.connection_id', $search->suppliers],
                'category' => ['l.category', $search->categories],
                'from' => ['l.warehouse', $search->from],
            ] as $filter => [$column, $wanted]
        ) {
            if ($wanted !== []) {
                $add($filter, $column.' IN ('.implode(',', array_fill(0, count($wanted), '?')).')', ...$wanted);
            }
        }
        $most = $search->mostLanded($stall);
        foreach (
            [
                'stock' => ['l.stock >= ?', $search->stock],
                'landed' => ['l.landed_minor <= ?', $search->landed],
                'days' => ['l.days_max <= ?', $search->days],
                'margin' => ['l.landed_minor <= ?', $most],
                'variants' => ['l.variants >= ?', $search->variants],
                'rating' => ['l.rating >= ?', $search->rating],
            ] as $filter => [$passes, $value]
        ) {
            if ($value !== null) {
                $add($filter, $passes, $value);
            }
        }
        if ($search->notMine) {
            $add('new', 't.supplier_item_id IS NULL');
        }

        return [$parts === [] ? '0' : implode(' + ', $parts), $values];
    }
}
