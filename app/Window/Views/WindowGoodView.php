<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Stall\Stall;

/** A listing that sections can show. */
final readonly class WindowGoodView
{
    public function __construct(public int $id, public string $title)
    {
    }

    /** @return list<self> */
    public static function all(Stall $stall): array
    {
        return array_values(
            Listing::of($stall)
                ->where('state', ListingState::InWindow)
                ->orderBy('shown_title')
                ->limit(500)
                ->get(['id', 'shown_title'])
                ->map(static fn (Listing $l): self => new self($l->id, $l->shown_title))
                ->all(),
        );
    }
}
