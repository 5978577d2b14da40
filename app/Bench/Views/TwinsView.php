<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Bench\ListingFigures;
use WindowStall\Core\Bench\Twin;
use WindowStall\Core\Bench\TwinGroup;

/** What dropping an option would come to: which variants fall together, and which of each group is kept. */
final readonly class TwinsView
{
    /** @param  list<TwinGroupView>  $groups */
    public function __construct(
        public string $option,
        public string $shown,
        public string $market,
        public int $before,
        public int $after,
        public array $groups,
    ) {
    }

    /** @param  list<TwinGroup>  $groups */
    public static function of(string $option, ListingFigures $f, array $groups): self
    {
        $shown = $f->shownName($option);

        return new self(
            option: $option,
            shown: $shown,
            market: $f->stall->marketName(),
            before: array_sum(array_map(static fn (TwinGroup $g): int => count($g->twins), $groups)),
            after: count($groups),
            groups: array_map(
                static fn (TwinGroup $g): TwinGroupView => new TwinGroupView(
                    label: $g->options === [] ? 'The one kind' : implode(' · ', $g->options),
                    why: $g->why,
                    twins: array_map(
                        static fn (Twin $t): TwinRowView => TwinRowView::of($t, $shown, $f->stall->promise_days),
                        $g->twins,
                    ),
                ),
                $groups,
            ),
        );
    }
}
