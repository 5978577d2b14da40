<?php

declare(strict_types=1);

namespace WindowStall\Source;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Stall;

/** How many items a search finds, and how many each choice of each filter would leave, the other filters being as they are. */
final readonly class ItemCounts
{
    /** Steps offered for filters by figure. Landed: whole units of the stall's currency; margin: basis points. */
    public const STEPS = ['stock' => [1, 10, 50, 200], 'landed' => [5, 10, 20, 50], 'days' => [3, 5, 10, 20], 'margin' => [2000, 3000, 4000, 5000], 'variants' => [2, 5, 10], 'rating' => [35, 40, 45]];

    /**
     * @param  array<int, int>  $suppliers  connection → items
     * @param  array<string, int>  $categories
     * @param  array<string, int>  $from  country → items
     * @param  array<string, array<int, int>>  $steps  filter → step → items
     * @param  int  $new  not yet taken
     */
    private function __construct(public int $found, public array $suppliers, public array $categories, public array $from, public array $steps, public int $new)
    {
    }

    /** @param  Builder  $base  selects which filters each row fails, as bits */
    public static function of(Stall $stall, ItemSearch $search, Builder $base): self
    {
        $base->selectRaw('i.connection_id, i.category, l.warehouse, i.stock, i.variants_count, i.rating, l.landed_minor, l.days_max, NOT EXISTS (SELECT 1 FROM listings t WHERE t.supplier_item_id = i.id) AS new');
        [$columns, $values] = self::columns($stall, $search);
        $rows = DB::query()->fromSub($base, 'b')->selectRaw('GROUPING(connection_id, category, warehouse) AS g, connection_id, category, warehouse, '.$columns, $values)
            ->groupByRaw('GROUPING SETS ((connection_id), (category), (warehouse), ())')->get();
        $found = ['suppliers' => [], 'categories' => [], 'from' => []];
        $all = new \stdClass;
        foreach ($rows as $row) {
            match ((int) $row->g) {
                3 => $found['suppliers'][(int) $row->connection_id] = (int) $row->supplier,
                5 => $found['categories'][(string) $row->category] = (int) $row->category_count,
                6 => $row->warehouse === null ? null : $found['from'][(string) $row->warehouse] = (int) $row->from_count,
                default => $all = $row,
            };
        }
        $steps = [];
        foreach (self::STEPS as $filter => $offered) {
            foreach ($offered as $n => $step) {
                $steps[$filter][$step] = (int) ($all->{$filter.$n} ?? 0);
            }
        }

        return new self((int) ($all->found ?? 0), array_filter($found['suppliers']), array_filter($found['categories']), array_filter($found['from']), $steps, (int) ($all->new_count ?? 0));
    }

    /** @return array{string, list<int>} */
    private static function columns(Stall $stall, ItemSearch $search): array
    {
        // What fails by no other filter than this one.
        $but = static fn (string $filter): string => 'fails & ~'.FindItems::BITS[$filter].' = 0';
        $columns = [
            'count(*) FILTER (WHERE fails = 0) AS found', 'count(*) FILTER (WHERE '.$but('supplier').') AS supplier', 'count(*) FILTER (WHERE '.$but('category').') AS category_count',
            'count(*) FILTER (WHERE '.$but('from').') AS from_count', 'count(*) FILTER (WHERE '.$but('new').' AND new) AS new_count',
        ];
        $values = [];
        $tests = ['stock' => 'stock >= ?', 'landed' => 'landed_minor <= ?', 'days' => 'days_max <= ?', 'margin' => 'landed_minor <= ?', 'variants' => 'variants_count >= ?', 'rating' => 'rating >= ?'];
        foreach (self::STEPS as $filter => $offered) {
            foreach ($offered as $n => $step) {
                $columns[] = sprintf('count(*) FILTER (WHERE %s AND %s) AS %s%d', $but($filter), $tests[$filter], $filter, $n);
                $values[] = match ($filter) {
                    'landed' => $step * $stall->currencyValue()->minorPerUnit(),
                    'margin' => $search->mostLanded($stall, $step) ?? -1,
                    default => $step,
                };
            }
        }

        return [implode(', ', $columns), $values];
    }
}
