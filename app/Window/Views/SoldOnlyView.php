<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Stall\Stall;

/** Whether a shop sells one thing only, and which it could be. */
final readonly class SoldOnlyView
{
    private const MOST = 100;

    /**
     * @param  int|null  $listing  the one; null where it sells many
     * @param  array<int, string>  $goods  listing → title
     */
    public function __construct(public ?int $listing, public array $goods)
    {
    }

    public static function of(Stall $stall): self
    {
        $goods = Listing::of($stall)
            ->where('state', ListingState::InWindow)
            ->orderByRaw('id = ? DESC', [$stall->only_listing_id ?? 0])
            ->orderBy('shown_title')
            ->limit(self::MOST)
            ->pluck('shown_title', 'id');

        return new self(
            listing: $stall->only_listing_id,
            goods: $goods->map(static fn (mixed $title): string => (string) $title)->all(),
        );
    }
}
