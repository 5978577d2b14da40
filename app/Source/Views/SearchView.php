<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

use WindowStall\Source\Finding\FoundItems;
use WindowStall\Source\Finding\ItemCounts;
use WindowStall\Source\Finding\ItemSearch;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** A search as it stands: its words, filters with counts, and what was found. */
final readonly class SearchView
{
    /**
     * @param  list<FilterView>  $filters
     * @param  array<string, string>  $sorts
     * @param  string|null  $instead  the words that were searched for instead of mistyped ones
     * @param  string|null  $trial  the trial price, as typed
     * @param  string|null  $trialWords  what the trial price and margin come to: "costs 11.32 landed or less"
     */
    public function __construct(
        public string $words,
        public ?string $instead,
        public string $sort,
        public array $sorts,
        public int $found,
        public array $filters,
        public ?string $trial,
        public ?string $trialWords,
        public int $narrowed,
    ) {
    }

    /** @param  \Illuminate\Support\Collection<int, SupplierConnection>  $connections */
    public static function of(
        Stall $stall,
        ItemSearch $search,
        FoundItems $found,
        \Illuminate\Support\Collection $connections,
    ): self {
        $counts = $found->counts;
        $names = $connections->pluck('name', 'id')->all();
        $most = $search->mostLanded($stall);
        $filters = [
            self::picks(
                'supplier',
                'Supplier',
                array_filter(
                    array_map(strval(...), $names),
                    static fn (int $id): bool => isset($counts->picks['supplier'][$id]) ||
                        in_array($id, $search->suppliers, true),
                    ARRAY_FILTER_USE_KEY,
                ),
                $counts->picks['supplier'],
                $search->suppliers,
            ),
            self::picks(
                'category',
                'Category',
                self::named($counts->picks['category'], $search->categories),
                $counts->picks['category'],
                $search->categories,
            ),
            self::picks(
                'from',
                'Posted from',
                array_map(
                    static fn (string $c): string => Stall::countryName($c),
                    self::named($counts->picks['from'], $search->from),
                ),
                $counts->picks['from'],
                $search->from,
            ),
            self::steps(
                'landed',
                'Landed at most',
                $counts,
                fn (int $s): string => self::whole($stall->money($s * $stall->currencyValue()->minorPerUnit())),
                $search->landed === null ? null : intdiv($search->landed, $stall->currencyValue()->minorPerUnit()),
            ),
            self::steps('days', 'There within', $counts, static fn (int $s): string => $s.' days', $search->days),
            self::steps(
                'stock',
                'In stock',
                $counts,
                static fn (int $s): string => $s === 1 ? 'any' : $s.' or more',
                $search->stock,
            ),
            self::steps(
                'variants',
                'Variants',
                $counts,
                static fn (int $s): string => $s.' or more',
                $search->variants,
            ),
            self::steps(
                'rating',
                'Rated',
                $counts,
                static fn (int $s): string => sprintf('%d.%d or better', intdiv($s, 10), $s % 10),
                $search->rating,
            ),
        ];
        if ($search->price !== null) {
            $filters[] = self::steps(
                'margin',
                'Keeps at the trial price',
                $counts,
                static fn (int $s): string => intdiv($s, 100).'% or more',
                $search->marginBp,
                static fn (int $s): string => (string) intdiv($s, 100),
            );
        }
        $filters[] = new FilterView(key: 'new', label: 'Yours already', many: false, choices: [
            new FilterChoiceView(value: '1', label: 'only what isn’t', count: $counts->new, on: $search->notMine),
        ]);
        $filters = array_values(
            array_filter(
                $filters,
                static fn (FilterView $f): bool => array_filter(
                    $f->choices,
                    static fn (FilterChoiceView $c): bool => $c->count > 0 || $c->on,
                ) !== [],
            ),
        );

        return new self(
            words: $search->words,
            instead: $found->instead,
            sort: $search->sort,
            sorts: ItemSearch::SORTS,
            found: $counts->found,
            filters: $filters,
            trial: $search->price === null ? null : $stall->money($search->price)->digits(),
            trialWords: $most === null
                ? null
                : ($most < 0
                    ? 'no cost is low enough for that'
                    : sprintf('that is, costs %s landed or less', MoneyView::text($stall->money($most)))),
            narrowed: count(
                array_filter(
                    $filters,
                    static fn (FilterView $f): bool => array_filter(
                        $f->choices,
                        static fn (FilterChoiceView $c): bool => $c->on,
                    ) !== [],
                ),
            ),
        );
    }

    /**
     * @param  array<int|string, int>  $counts
     * @param  list<string>  $chosen
     * @return array<string, string>
     */
    private static function named(array $counts, array $chosen): array
    {
        arsort($counts);
        $names = array_unique([...array_map(strval(...), array_keys($counts)), ...$chosen]);

        return array_combine($names, $names);
    }

    /**
     * @param  array<int|string, string>  $names
     * @param  array<int|string, int>  $counts
     * @param  list<int|string>  $chosen
     */
    private static function picks(string $key, string $label, array $names, array $counts, array $chosen): FilterView
    {
        return new FilterView(
            key: $key,
            label: $label,
            many: true,
            choices: array_values(
                array_map(
                    static fn (int|string $value, string $name): FilterChoiceView => new FilterChoiceView(
                        value: (string) $value,
                        label: $name === '' ? 'none said' : $name,
                        count: $counts[$value] ?? 0,
                        on: in_array($value, $chosen, false),
                    ),
                    array_keys($names),
                    $names,
                ),
            ),
        );
    }

    /**
     * @param  callable(int): string  $words
     * @param  (callable(int): string)|null  $value  as the address bar holds it
     */
    private static function steps(
        string $key,
        string $label,
        ItemCounts $counts,
        callable $words,
        ?int $chosen,
        ?callable $value = null,
    ): FilterView {
        $offered = ItemCounts::STEPS[$key];
        if ($chosen !== null && ! in_array($chosen, $offered, true)) {
            $offered[] = $chosen;
            sort($offered);
        }

        return new FilterView(
            key: $key,
            label: $label,
            many: false,
            choices: array_map(
                static fn (int $step): FilterChoiceView => new FilterChoiceView(
                    value: $value === null ? (string) $step : $value($step),
                    label: $words($step),
                    count: $counts->steps[$key][$step] ?? $counts->found,
                    on: $step === $chosen,
                ),
                $offered,
            ),
        );
    }

    private static function whole(\WindowStall\Core\Money\Money $money): string
    {
        return preg_replace('/[.,]0+$/', '', MoneyView::text($money)) ?? '';
    }
}
