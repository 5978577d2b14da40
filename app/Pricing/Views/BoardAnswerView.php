<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Pricing\BoardQuery;
use WindowStall\Runs\Run;
use WindowStall\Runs\Views\RunView;
use WindowStall\Stall\Stall;

/** The board's rows as they stand after prices were set by hand. */
final readonly class BoardAnswerView
{
    /** Variants up to which their rows are sent along; above, the page is asked for anew. */
    private const FRESH = 200;

    private const MOST_ROWS = 400;

    /**
     * @param  int|null  $change  the step; null while it goes on in the background
     * @param  list<BoardRowView>  $rows  of these variants and of the others of their listings
     * @param  array<string, int>  $counts  by case; none while it goes on
     * @param  RunView|null  $run  which does it, where there are many
     */
    public function __construct(
        public ?int $change,
        public string $words,
        public array $rows,
        public array $counts,
        public ?RunView $run,
    ) {
    }

    public static function later(Run $run): self
    {
        return new self(change: null, words: '', rows: [], counts: [], run: RunView::of($run));
    }

    /** @param  list<int>  $ids  those that were chosen one by one */
    public static function of(Stall $stall, BoardQuery $query, BenchChange $change, array $ids): self
    {
        return new self(
            change: $change->id,
            words: $change->words,
            rows: BoardRowView::list($stall, $query->market, self::near($ids)),
            counts: $query->counts($stall),
            run: null,
        );
    }

    /**
     * One price for all of a listing may have moved its other variants too.
     *
     * @param  list<int>  $ids
     * @return list<int>
     */
    private static function near(array $ids): array
    {
        if ($ids === [] || count($ids) > self::FRESH) {
            return [];
        }
        $near = ListingVariant::query()
            ->whereIn('listing_id', ListingVariant::query()->whereKey($ids)->select('listing_id'))
            ->orderBy('listing_id')
            ->orderBy('position')
            ->orderBy('id')
            ->limit(self::MOST_ROWS)
            ->pluck('id');

        return array_values(array_map(intval(...), $near->all()));
    }
}
