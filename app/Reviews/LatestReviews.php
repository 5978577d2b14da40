<?php

declare(strict_types=1);

namespace WindowStall\Reviews;

use Illuminate\Database\Eloquent\Collection;
use WindowStall\Bench\ListingState;
use WindowStall\Core\Reviews\ReviewState;
use WindowStall\Stall\Stall;

/** What buyers said lately of whatever is in the window: as it comes, the good and the bad. */
final class LatestReviews
{
    /** @return Collection<int, Review> with words, the latest first */
    public static function of(Stall $stall, int $count): Collection
    {
        return Review::of($stall)
            ->with('listing')
            ->where('state', ReviewState::Shown)
            ->where('verified', true)
            ->where('words', '<>', '')
            ->whereRelation('listing', 'state', ListingState::InWindow)
            ->orderByDesc('written_at')
            ->orderByDesc('id')
            ->limit($count)
            ->get();
    }
}
