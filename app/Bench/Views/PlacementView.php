<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Bench\Listing;
use WindowStall\Bench\Placement;
use WindowStall\Stall\Stall;

/** What putting some in the window came to. */
final readonly class PlacementView
{
    /**
     * @param  list<PlacedView>  $placed
     * @param  list<LeftView>  $left
     */
    public function __construct(public array $placed, public array $left)
    {
    }

    public static function of(Stall $stall, Placement $placement): self
    {
        return new self(
            placed: array_map(static fn (Listing $l): PlacedView => PlacedView::of($stall, $l), $placement->placed),
            left: array_map(
                static fn (array $left): LeftView => new LeftView(
                    id: $left['listing']->id,
                    title: $left['listing']->shown_title,
                    lacks: array_map(LackView::of(...), $left['lacks']),
                ),
                $placement->left,
            ),
        );
    }
}
