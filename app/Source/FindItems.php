<?php

declare(strict_types=1);

namespace WindowStall\Source;

use Illuminate\Contracts\Pagination\CursorPaginator;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Stall;

/**
 * Finds items by words, SKU or barcode, filtered, counted, sorted and paged by key.
 *
 * Each row knows by which filters it fails (a bit each), so that one pass counts for every filter what it would leave with the
 * others as they are.
 */
final readonly class FindItems
{
    private const PAGE = 40;

    /** filter → its bit */
    public const BITS = ['supplier' => 1, 'category' => 2, 'from' => 4, 'stock' => 8, 'landed' => 16, 'days' => 32, 'margin' => 64, 'variants' => 128, 'rating' => 256, 'new' => 512];

    public function __construct(private SearchWords $searchWords)
    {
    }

    public function __invoke(Stall $stall, ItemSearch $search): Found
    {
        $counts = ItemCounts::of($stall, $search, $this->base($stall, $search, $search->words));
        $instead = null;
        if ($counts->found === 0 && $search->words !== '' && ! $this->base($stall, $search, $search->words)->exists()) {
            $instead = $this->searchWords->corrected($stall, $search->words);
            if ($instead !== null) {
                $counts = ItemCounts::of($stall, $search, $this->base($stall, $search, $instead));
            }
        }

        return new Found($this->page($stall, $search, $instead ?? $search->words), $counts, $instead);
    }

    /** @return CursorPaginator<int, \stdClass> of ids */
    private function page(Stall $stall, ItemSearch $search, string $words): CursorPaginator
    {
        $key = match ($search->sort) {
            'days' => 'COALESCE(l.days_max, 9999)', 'stock' => '-i.stock', 'rating' => '-COALESCE(i.rating, 0)', 'variants' => '-i.variants_count', 'cost' => 'COALESCE(i.cost_minor, 9e15)', 'title' => 'i.title',
            'category' => 'i.category', 'supplier' => 'i.connection_id', 'from' => "COALESCE(l.warehouse, 'ZZ')", 'newest' => '-i.id', default => 'COALESCE(l.landed_minor, 9e15::bigint)',
        };
        $rows = $this->base($stall, $search, $words)->selectRaw('i.id, '.$key.' AS sort_key');

        // Items that pass: no bit is set.
        return DB::query()->fromSub($rows, 'f')->where('fails', 0)->orderBy('sort_key')->orderBy('id')->cursorPaginate(self::PAGE)->withQueryString();
    }

    private function base(Stall $stall, ItemSearch $search, string $words): Builder
    {
        $query = DB::table('supplier_items AS i')->leftJoin('item_landings AS l', fn ($join) => $join->on('l.supplier_item_id', '=', 'i.id')->where('l.market', '=', $search->market))
            ->where('i.stall_id', $stall->id)->whereNull('i.gone_at');
        [$fails, $values] = $this->fails($stall, $search);
        $query->selectRaw($fails.' AS fails', $values);
        if ($words !== '') {
            $this->searchWords->narrow($query, $words);
        }

        return $query;
    }

    /** @return array{string, list<int|string>} an expression with one bit per filter that a row fails, and its values */
    private function fails(Stall $stall, ItemSearch $search): array
    {
        $parts = [];
        $values = [];
        $add = static function (string $filter, string $passes, int|string ...$with) use (&$parts, &$values): void {
            $parts[] = sprintf('CASE WHEN %s THEN 0 ELSE %d END', $passes, self::BITS[$filter]);
            array_push($values, ...array_values($with));
        };
        foreach (['supplier' => ['i.connection_id', $search->suppliers], 'category' => ['i.category', $search->categories], 'from' => ['l.warehouse', $search->from]] as $filter => [$column, $wanted]) {
            if ($wanted !== []) {
                $add($filter, $column.' IN ('.implode(',', array_fill(0, count($wanted), '?')).')', ...$wanted);
            }
        }
        $most = $search->mostLanded($stall);
        foreach (['stock' => ['i.stock >= ?', $search->stock], 'landed' => ['l.landed_minor <= ?', $search->landed], 'days' => ['l.days_max <= ?', $search->days], 'margin' => ['l.landed_minor <= ?', $most], 'variants' => ['i.variants_count >= ?', $search->variants], 'rating' => ['i.rating >= ?', $search->rating]] as $filter => [$passes, $value]) {
            if ($value !== null) {
                $add($filter, $passes, $value);
            }
        }
        if ($search->notMine) {
            $add('new', 'NOT EXISTS (SELECT 1 FROM listings t WHERE t.supplier_item_id = i.id)');
        }

        return [$parts === [] ? '0' : implode(' + ', $parts), $values];
    }
}
