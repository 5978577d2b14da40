<?php

declare(strict_types=1);

namespace WindowStall\Reviews;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Reviews\HiddenBecause;
use WindowStall\Core\Reviews\ReviewState;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;

/** What a stall does with what was said of it: answers, shows what was held, hides for a stated reason. */
final readonly class DecideReview
{
    /** An empty answer takes back the one that stood. */
    public function answer(Stall $stall, Review $review, string $words): Review
    {
        return $this->change($stall, $review, [
            'answer' => $words === '' ? null : $words,
            'answered_at' => $words === '' ? null : now(),
        ]);
    }

    public function show(Stall $stall, Review $review): Review
    {
        return $this->change($stall, $review, [
            'state' => ReviewState::Shown,
            'hidden_because' => null,
            'hidden_at' => null,
            'hidden_by' => null,
        ]);
    }

    public function hide(Stall $stall, Review $review, HiddenBecause $because, ?User $by): Review
    {
        return $this->change($stall, $review, [
            'state' => ReviewState::Hidden,
            'hidden_because' => $because,
            'hidden_at' => now(),
            'hidden_by' => $by?->id,
        ]);
    }

    /** @param  array<string, mixed>  $columns */
    private function change(Stall $stall, Review $review, array $columns): Review
    {
        DB::transaction(static function () use ($stall, $review, $columns): void {
            Review::of($stall)->whereKey($review->id)->lockForUpdate()->firstOrFail()->update($columns);
            StalePages::goods($stall, array_filter([(string) $review->listing?->slug]));
        });

        return $review->refresh();
    }
}
