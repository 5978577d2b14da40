<?php

declare(strict_types=1);

namespace WindowStall\Source\Finding;

use WindowStall\Stall\Stall;

/**
 * How many items a search finds, and how many each choice of each filter would leave, the other filters being as they
 * are.
 */
final readonly class ItemCounts
{
    /** Steps offered for filters by figure. Landed: whole units of the stall's currency; margin: basis points. */
    public const STEPS = [
        'stock' => [1, 10, 50, 200],
        'landed' => [5, 10, 20, 50],
        'days' => [3, 5, 10, 20],
        'margin' => [2000, 3000, 4000, 5000],
        'variants' => [2, 5, 10],
        'rating' => [35, 40, 45],
    ];

    /** The filters whose choices are what the items say, and the column that says it. */
    private const PICKS = ['supplier' => 'connection_id', 'category' => 'category', 'from' => 'warehouse'];

    /**
     * @param  bool  $any  whether the words alone find anything, filters left aside
     * @param  array<string, array<int|string, int>>  $picks  filter → choice → items
     * @param  array<string, array<int, int>>  $steps  filter → step → items
     * @param  int  $new  not yet taken
     */
    private function __construct(
        public int $found,
        public bool $any,
        public array $picks,
        public array $steps,
        public int $new,
    ) {
    }

    /**
     * What to select from a table "b" of items that knows which filters each fails.
     *
     * @return array{string, list<int>} SQL and its values
     */
    public static function columns(Stall $stall, ItemSearch $search): array
    {
        $columns = [];
        foreach (self::PICKS as $filter => $column) {
            $columns[] = sprintf(
                <<<'SQL'
                    (
                        SELECT json_object_agg(%1$s, n)
                        FROM (
                            SELECT %1$s, count(*) FILTER (WHERE %2$s) AS n
                            FROM b
                            GROUP BY 1
                        ) AS counted
                        WHERE %1$s IS NOT NULL
                          AND n > 0
                    ) AS "%3$s"
                    SQL,
                $column,
                self::but($filter),
                $filter,
            );
        }
        $steps = [
            'count(*) AS every',
            'count(*) FILTER (WHERE fails = 0) AS found',
            'count(*) FILTER (WHERE '.self::but('new').' AND new) AS new_count',
        ];
        $values = [];
        $tests = [
            'stock' => 'stock >= ?',
            'landed' => 'landed_minor <= ?',
            'days' => 'days_max <= ?',
            'margin' => 'landed_minor <= ?',
            'variants' => 'variants >= ?',
            'rating' => 'rating >= ?',
        ];
        foreach (self::STEPS as $filter => $offered) {
            foreach ($filter === 'margin' && $search->price === null ? [] : $offered as $n => $step) {
                $steps[] = sprintf(
                    'count(*) FILTER (WHERE %s AND %s) AS %s%d',
                    self::but($filter),
                    $tests[$filter],
                    $filter,
                    $n,
                );
                $values[] = match ($filter) {
                    'landed' => $step * $stall->currencyValue()->minorPerUnit(),
                    'margin' => $search->mostLanded($stall, $step) ?? -1,
                    default => $step,
                };
            }
        }

        return [
            implode(', ', $columns).
            ', (SELECT row_to_json(a) FROM (SELECT '.
            implode(', ', $steps).
            ' FROM b) a) AS steps',
            $values,
        ];
    }

    /** @param  array<mixed>  $said  the row that {@see self::columns()} gave */
    public static function read(array $said): self
    {
        $part = static fn (string $name): array => (array) json_decode((string) ($said[$name] ?? '{}'), true);
        $all = $part('steps');
        $steps = [];
        foreach (self::STEPS as $filter => $offered) {
            foreach ($offered as $n => $step) {
                $steps[$filter][$step] = (int) ($all[$filter.$n] ?? 0);
            }
        }

        return new self(
            (int) ($all['found'] ?? 0),
            (int) ($all['every'] ?? 0) > 0,
            array_map($part, array_combine(array_keys(self::PICKS), array_keys(self::PICKS))),
            $steps,
            (int) ($all['new_count'] ?? 0),
        );
    }

    /** What fails by no other filter than this one. */
    private static function but(string $filter): string
    {
        return 'fails & ~'.FindItems::BITS[$filter].' = 0';
    }
}
