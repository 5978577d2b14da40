<?php

declare(strict_types=1);

namespace WindowStall\Shop\Finding;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Shelves\Swatch;
use WindowStall\Stall\Stall;
use WindowStall\Support\PgArray;
use WindowStall\Support\Speech\Speech;
use WindowStall\Support\Speech\Spoken;

/**
 * Narrows goods down and counts what each further step would leave. Each row knows by which steps it fails (a bit each)
 * and where it stands in their order, so one pass gives the page and every count with the others as they are.
 */
final class FindGoods
{
    /** Days one can ask for. */
    private const DAYS = [3, 7, 14];

    /** Options that are offered, those most goods have first; and values of each. */
    private const MOST_OPTIONS = 4;

    private const MOST_VALUES = 24;

    private const TYPE = 1;

    private const PRICE = 2;

    private const WITHIN = 4;

    private const NOW = 8;

    private const OFFERS = 16;

    /** Bits from here up are those of options. */
    private const OPTIONS = 5;

    /** %1$s: the rows; %2$s: where a value fails by its own option. A page beyond the last is the last. */
    private const COUNTS = <<<'SQL'
        WITH g AS MATERIALIZED (%1$s),
        fitting AS (
            SELECT listing_id, row_number() OVER (ORDER BY place) AS n, count(*) OVER () AS total
            FROM g
            WHERE fails = 0
        )
        SELECT 'type' AS kind, type AS name, count(*) AS goods
        FROM g
        WHERE fails & ~1 = 0 AND type <> ''
        GROUP BY type
        UNION ALL
        SELECT 'is', option.name, count(*)
        FROM g
        CROSS JOIN LATERAL unnest(options) AS option (name)
        WHERE fails & ~(%2$s) = 0
        GROUP BY option.name
        UNION ALL
        SELECT 'varies', choice.name, count(*)
        FROM g
        CROSS JOIN LATERAL unnest(choices) AS choice (name)
        GROUP BY choice.name
        UNION ALL
        SELECT 'within', days.n::text, count(*)
        FROM g
        JOIN unnest(?::int[]) AS days (n) ON days_max <= days.n
        WHERE fails & ~4 = 0
        GROUP BY days.n
        UNION ALL
        SELECT 'now', '', count(*) FROM g WHERE fails & ~8 = 0 AND buyable
        UNION ALL
        SELECT 'offers', '', count(*) FROM g WHERE fails & ~16 = 0 AND was
        UNION ALL
        SELECT 'least', '', min(price_minor) FROM g WHERE fails & ~2 = 0
        UNION ALL
        SELECT 'most', '', max(price_minor) FROM g WHERE fails & ~2 = 0
        UNION ALL
        SELECT 'all', '', count(*) FROM fitting
        UNION ALL
        SELECT 'page', n::text, listing_id
        FROM fitting
        WHERE (n - 1) / ? = least(?, (total - 1) / ?)
        UNION ALL
        SELECT 'here', '', count(*) FROM g
        UNION ALL
        SELECT 'without', bit.n::text, count(g.*)
        FROM unnest(?::int[]) AS bit (n)
        LEFT JOIN g ON g.fails & ~bit.n = 0
        GROUP BY bit.n
        SQL;

    /** @var array<int, array{name: string, keys: list<string>}> the options asked for, by bit */
    private array $options = [];

    public function __construct(private readonly Stall $stall, private readonly Narrowing $asked)
    {
        $keys = [];
        foreach ($asked->options as $key) {
            $keys[explode(': ', $key, 2)[0]][] = $key;
        }
        foreach (array_slice($keys, 0, self::MOST_OPTIONS * 2, true) as $name => $some) {
            $this->options[1 << (count($this->options) + self::OPTIONS)] = ['name' => (string) $name, 'keys' => $some];
        }
    }

    /**
     * @param  Builder  $goods  rows of goods_facts (named "facts"), in their order
     * @param  string  $path  the page they stand on
     * @param  array<string, string>  $with  what stands in each of its addresses
     */
    public function __invoke(Builder $goods, string $path, array $with = []): FoundGoods
    {
        $counts = $this->counts($goods);
        $count = (int) ($counts['all'][''] ?? 0);
        $pages = max(1, (int) ceil($count / Narrowing::PAGE));
        $listings = $counts['page'] ?? [];
        ksort($listings);

        return new FoundGoods(
            listings: array_values(array_map(intval(...), $listings)),
            count: $count,
            page: min($this->asked->page, $pages),
            pages: $pages,
            facets: $this->facets($counts),
            prices: [
                'least' => $this->digits($counts['least'][''] ?? null),
                'most' => $this->digits($counts['most'][''] ?? null),
            ],
            taken: $this->taken($counts['without'] ?? [], $path, $with),
        );
    }

    /** @return array<string, array<string, int|null>> kind → name → how many */
    private function counts(Builder $goods): array
    {
        $fails = ['0'];
        $bindings = [];
        foreach ($this->conditions() as $bit => [$sql, $with]) {
            $fails[] = sprintf('CASE WHEN %s THEN 0 ELSE %d END', $sql, $bit);
            $bindings = [...$bindings, ...$with];
        }
        $base = (clone $goods)->reorder()->select([
            'facts.listing_id', 'facts.type', 'facts.options', 'facts.choices', 'facts.price_minor', 'facts.days_max',
            'facts.buyable', 'facts.was',
        ])
            ->selectRaw(implode(' + ', $fails).' AS fails', $bindings)
            ->selectRaw('row_number() OVER (ORDER BY '.self::order($goods).') AS place', $goods->getRawBindings()['order']);
        $own = '0';
        $names = [];
        foreach ($this->options as $bit => $option) {
            $own = sprintf('CASE WHEN starts_with(option.name, ?) THEN %d ELSE %s END', $bit, $own);
            array_unshift($names, $option['name'].': ');
        }
        $rows = DB::select(
            sprintf(self::COUNTS, $base->toSql(), $own),
            [
                ...$base->getBindings(),
                ...$names,
                PgArray::numbers(self::DAYS),
                Narrowing::PAGE,
                $this->asked->page - 1,
                Narrowing::PAGE,
                PgArray::numbers(array_keys($this->conditions())),
            ],
        );
        $counts = [];
        foreach ($rows as $row) {
            $counts[(string) $row->kind][(string) $row->name] = $row->goods === null ? null : (int) $row->goods;
        }

        return $counts;
    }

    /** The order of the rows, as SQL writes it; never two at one place. */
    private static function order(Builder $goods): string
    {
        $by = array_map(
            static fn (array $by): string => $by['sql'] ?? $goods->getGrammar()->wrap($by['column']).' '.$by['direction'],
            $goods->orders ?? [],
        );

        return implode(', ', [...$by, 'facts.listing_id']);
    }

    /** @return array<int, array{string, list<mixed>}> bit → what has to hold, which is never null */
    private function conditions(): array
    {
        $asked = $this->asked;
        $conditions = [];
        if ($asked->types !== []) {
            $conditions[self::TYPE] = ['facts.type = ANY (?::text[])', [PgArray::texts($asked->types)]];
        }
        if ($asked->from !== null || $asked->to !== null) {
            $conditions[self::PRICE] = [
                'COALESCE(facts.price_minor BETWEEN ? AND ?, false)',
                [$asked->from ?? 0, $asked->to ?? PHP_INT_MAX],
            ];
        }
        if ($asked->within !== null) {
            $conditions[self::WITHIN] = ['COALESCE(facts.days_max <= ?, false)', [$asked->within]];
        }
        if ($asked->now) {
            $conditions[self::NOW] = ['facts.buyable', []];
        }
        if ($asked->offers) {
            $conditions[self::OFFERS] = ['facts.was', []];
        }
        foreach ($this->options as $bit => $option) {
            $conditions[$bit] = ['facts.options && ?::text[]', [PgArray::texts($option['keys'])]];
        }

        return $conditions;
    }

    /**
     * @param  array<string, array<string, int|null>>  $counts
     * @return list<Facet> those that leave something to choose
     */
    private function facets(array $counts): array
    {
        $here = (int) ($counts['here'][''] ?? 0);
        $this->prime($counts);
        $facets = [$this->named('type', Speech::say('shop.sift.type'), $counts['type'] ?? [], $this->asked->types)];
        foreach ($this->byOption($counts['is'] ?? [], $counts['varies'] ?? []) as $name => $values) {
            $facets[] = $this->option((string) $name, $values);
        }
        $days = array_map(
            fn (int $n): FacetChoice => new FacetChoice(
                (string) $n,
                Speech::say('shop.sift.within', count: $n),
                (int) ($counts['within'][(string) $n] ?? 0),
                $this->asked->within === $n,
            ),
            self::DAYS,
        );
        $facets[] = new Facet('within', Speech::say('shop.sift.days'), false, $days);
        $facets[] = new Facet('now', Speech::say('shop.sift.now'), true, [
            new FacetChoice('1', Speech::say('shop.sift.to_be_had'), (int) ($counts['now'][''] ?? 0), $this->asked->now),
        ]);
        $facets[] = new Facet('offers', Speech::say('shop.sift.offers'), true, [
            new FacetChoice('1', Speech::say('shop.sift.for_less'), (int) ($counts['offers'][''] ?? 0), $this->asked->offers),
        ]);

        return array_values(array_filter($facets, static fn (Facet $facet): bool => $facet->narrows($here)));
    }

    /** @param  array<string, array<string, int|null>>  $counts  whose names are going to be said */
    private function prime(array $counts): void
    {
        $names = array_map(strval(...), array_keys($counts['type'] ?? []));
        foreach (array_keys($counts['is'] ?? []) as $key) {
            array_push($names, ...explode(': ', (string) $key, 2));
        }
        $this->stall->phrases()->prime(...$names);
    }

    /**
     * @param  array<string, int|null>  $counts
     * @param  list<string>  $taken
     */
    private function named(string $name, string $heading, array $counts, array $taken): Facet
    {
        $counts += array_fill_keys($taken, 0);
        arsort($counts);
        $choices = [];
        foreach (array_slice($counts, 0, self::MOST_VALUES, true) as $value => $goods) {
            $value = (string) $value;
            $choices[] = new FacetChoice($value, $this->stall->phrases()->say($value), (int) $goods, in_array($value, $taken, true));
        }

        return new Facet($name, $heading, true, $choices);
    }

    /** @param  array<string, int>  $values  value → goods */
    private function option(string $name, array $values): Facet
    {
        ksort($values, SORT_NATURAL | SORT_FLAG_CASE);
        $values = array_slice($values, 0, self::MOST_VALUES, true);
        $texts = array_map(strval(...), array_keys($values));
        $coloured = Swatch::fits($texts);
        $choices = [];
        foreach ($values as $value => $goods) {
            $key = $name.': '.$value;
            $choices[] = new FacetChoice(
                $key,
                $this->stall->phrases()->say((string) $value),
                $goods,
                in_array($key, $this->asked->options, true),
                $coloured ? Swatch::of((string) $value) : null,
            );
        }

        return new Facet('is', $this->stall->phrases()->say($name), true, $choices);
    }

    /**
     * What shoppers choose among in none of the goods, such as where a supplier posts from, is nothing to narrow by.
     *
     * @param  array<string, int|null>  $counts  by whole key
     * @param  array<string, int|null>  $varies  by option: goods in which there is a choice
     * @return array<string, array<string, int>> option → value → goods; those most goods have first
     */
    private function byOption(array $counts, array $varies): array
    {
        $options = [];
        $taken = array_column($this->options, 'keys', 'name');
        foreach ($counts + array_fill_keys($this->asked->options, 0) as $key => $goods) {
            $parts = explode(': ', (string) $key, 2);
            if (isset($parts[1]) && (isset($varies[$parts[0]]) || isset($taken[$parts[0]]))) {
                $options[$parts[0]][$parts[1]] = (int) $goods;
            }
        }
        uasort($options, static fn (array $a, array $b): int => array_sum($b) <=> array_sum($a));

        return array_intersect_key($options, $taken) + array_slice($options, 0, self::MOST_OPTIONS, true);
    }

    /**
     * @param  array<string, int|null>  $without  bit → goods
     * @param  array<string, string>  $also
     * @return list<array{words: string, without: string, goods: int}>
     */
    private function taken(array $without, string $path, array $also): array
    {
        $asked = $this->asked;
        $money = $this->stall->seen()->money(...);
        $price = match (true) {
            $asked->from === null => Speech::say('shop.sift.up_to', to: $money($asked->to ?? 0)),
            $asked->to === null => Speech::say('shop.sift.from_on', from: $money($asked->from)),
            default => Speech::say('shop.sift.between', from: $money($asked->from), to: $money($asked->to)),
        };
        $taken = [];
        foreach (array_keys($this->conditions()) as $bit) {
            [$words, $with] = match ($bit) {
                self::TYPE => [$this->either($asked->types), ['type' => null]],
                self::PRICE => [$price, ['from' => null, 'to' => null]],
                self::WITHIN => [
                    Speech::say('shop.sift.with_you_within', count: (int) $asked->within),
                    ['within' => null],
                ],
                self::NOW => [Speech::say('shop.sift.to_be_had'), ['now' => null]],
                self::OFFERS => [Speech::say('shop.sift.for_less'), ['offers' => null]],
                default => $this->optionTaken($bit),
            };
            $taken[] = [
                'words' => $words,
                'without' => $path.$this->asked->query($this->stall, $with + $also),
                'goods' => (int) ($without[(string) $bit] ?? 0),
            ];
        }

        return $taken;
    }

    /** @return array{string, array<string, mixed>} */
    private function optionTaken(int $bit): array
    {
        $keys = $this->options[$bit]['keys'];
        $values = array_map(static fn (string $key): string => explode(': ', $key, 2)[1] ?? $key, $keys);

        return [$this->either($values), ['is' => array_values(array_diff($this->asked->options, $keys))]];
    }

    /** @param  list<string>  $values */
    private function either(array $values): string
    {
        return Spoken::one(array_map($this->stall->phrases()->say(...), $values));
    }

    private function digits(?int $minor): string
    {
        return $minor === null ? '' : $this->stall->seen()->money($minor)->digits();
    }
}
