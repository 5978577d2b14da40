<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Views;

use WindowStall\Shelves\Covers;
use WindowStall\Shelves\RuleReader;
use WindowStall\Shelves\Shelf;
use WindowStall\Shelves\ShelfGoods;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\SearchCutView;

/** A shelf with its rule and the goods that stand on it. */
final readonly class ShelfView
{
    /** Goods that are shown at once. */
    public const PAGE = 60;

    /**
     * @param  string  $fills  how goods come onto it, as a sentence
     * @param  int  $gone  of them that can't be bought
     * @param  int  $further  of them that aren't among those shown
     * @param  list<ShelfGoodView>  $goods  the first of them
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $slug,
        public string $address,
        public int $version,
        public ?RuleView $rule,
        public string $fills,
        public string $standing,
        public string $words,
        public string $searchTitle,
        public string $searchWords,
        public SearchCutView $cut,
        public ?int $cover,
        public int $count,
        public int $gone,
        public int $further,
        public array $goods,
    ) {
    }

    public static function of(Stall $stall, Shelf $shelf): self
    {
        $rows = ShelfGoods::ordered(ShelfGoods::fitting($stall, $shelf), $shelf->standing, $shelf)
            ->limit(self::PAGE)
            ->get(['facts.*', 'place.kind']);
        $pictures = Covers::leading($stall, array_values($rows->pluck('listing_id')->map(intval(...))->all()));
        $count = ShelfGoods::fitting($stall, $shelf)
            ->selectRaw('count(*) AS goods, count(*) FILTER (WHERE facts.buyable) AS buyable')
            ->first();
        $rule = $shelf->readRule($stall);

        return new self(
            id: $shelf->id,
            name: $shelf->name,
            slug: $shelf->slug,
            address: $stall->shopAddress($shelf->address()),
            version: $shelf->version,
            rule: RuleView::of($stall, $shelf),
            fills: $rule === null ? 'picked by hand' : RuleReader::words($stall)->rule($rule),
            standing: $shelf->standing->value,
            words: $shelf->words,
            searchTitle: (string) $shelf->search_title,
            searchWords: (string) $shelf->search_words,
            cut: SearchCutView::of(
                $shelf->search_title ?? $shelf->name,
                $shelf->search_words ?? $shelf->words,
                $stall->shopAddress($shelf->address()),
            ),
            cover: $shelf->cover_id,
            count: (int) $count?->goods,
            gone: (int) $count?->goods - (int) $count?->buyable,
            further: (int) $count?->goods - $rows->count(),
            goods: array_values($rows->map(
                static fn (\stdClass $row): ShelfGoodView => ShelfGoodView::of(
                    $stall,
                    $row,
                    $pictures[(int) $row->listing_id] ?? null,
                ),
            )->all()),
        );
    }
}
