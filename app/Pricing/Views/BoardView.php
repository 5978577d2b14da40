<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

use WindowStall\Pricing\BoardQuery;
use WindowStall\Stall\Stall;

/** A page of the price board, with how many variants each case holds. */
final readonly class BoardView
{
    /**
     * @param  list<BoardRowView>  $rows
     * @param  array<string, int>|null  $counts  found, all, and each case; null where they weren't asked for
     */
    public function __construct(
        public array $rows,
        public ?array $counts,
        public string $market,
        public string $words,
        public string $case,
        public ?int $recipe,
        public string $recipeName,
        public string $state,
        public string $sort,
        public bool $down,
        public int $page,
        public bool $more,
        public bool $home,
    ) {
    }

    public static function of(Stall $stall, BoardQuery $query, bool $counted = true): self
    {
        ['ids' => $ids, 'counts' => $counts] = $query->look($stall, $counted);

        return new self(
            rows: BoardRowView::list($stall, $query->market, array_slice($ids, 0, BoardQuery::PAGE)),
            counts: $counts,
            market: $query->market,
            words: $query->words,
            case: $query->case,
            recipe: $query->recipe,
            recipeName: (string) $stall->recipes->firstWhere('id', $query->recipe)?->name,
            state: $query->state,
            sort: $query->sort,
            down: $query->down,
            page: $query->page,
            more: count($ids) > BoardQuery::PAGE,
            home: $query->market === $stall->home_market,
        );
    }
}
