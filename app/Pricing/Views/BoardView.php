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
            BoardRowView::list($stall, $query->market, array_slice($ids, 0, BoardQuery::PAGE)),
            $counts,
            $query->market,
            $query->words,
            $query->case,
            $query->recipe,
            (string) $stall->recipes->firstWhere('id', $query->recipe)?->name,
            $query->state,
            $query->sort,
            $query->down,
            $query->page,
            count($ids) > BoardQuery::PAGE,
            $query->market === $stall->home_market,
        );
    }
}
