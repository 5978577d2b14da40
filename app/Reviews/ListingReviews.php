<?php

declare(strict_types=1);

namespace WindowStall\Reviews;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Core\Reviews\ReviewState;
use WindowStall\Core\Reviews\ReviewSummary;

/** What was said of one of the goods, as shoppers read it. */
final readonly class ListingReviews
{
    /** On a page of its own. */
    public const MOST = 200;

    /**
     * @param  ReviewSummary  $summary  of those who bought it here
     * @param  int  $pictured  how many of those that are shown have pictures
     * @param  int  $hidden  how many the stall hides
     */
    private function __construct(
        private int $listing,
        public ReviewSummary $summary,
        public int $shown,
        public int $pictured,
        public int $hidden,
    ) {
    }

    public static function of(Listing $listing): self
    {
        $rows = DB::table('reviews')
            ->where('listing_id', $listing->id)
            ->groupBy('stars', 'verified', 'state')
            ->selectRaw('stars, verified, state, count(*) AS times, count(*) FILTER (WHERE pictures <> \'[]\') AS pictured')
            ->get();
        $shown = $rows->where('state', ReviewState::Shown->value);
        $stars = $shown->where('verified', true)->pluck('times', 'stars')->map(static fn (mixed $times): int => (int) $times)->all();

        return new self(
            $listing->id,
            ReviewSummary::of($stars),
            (int) $shown->sum('times'),
            (int) $shown->sum('pictured'),
            (int) $rows->where('state', ReviewState::Hidden->value)->sum('times'),
        );
    }

    /** @return Collection<int, Review> those with words first, the latest of them first */
    public function latest(int $count): Collection
    {
        return Review::query()
            ->where('listing_id', $this->listing)
            ->where('state', ReviewState::Shown)
            ->orderByRaw("words = ''")
            ->orderByDesc('written_at')
            ->orderByDesc('id')
            ->limit($count)
            ->get();
    }

    /** @return Collection<int, Review> those the stall hides, the latest first */
    public function hidden(): Collection
    {
        return Review::query()
            ->where('listing_id', $this->listing)
            ->where('state', ReviewState::Hidden)
            ->orderByDesc('hidden_at')
            ->limit(self::MOST)
            ->get();
    }
}
