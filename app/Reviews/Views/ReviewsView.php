<?php

declare(strict_types=1);

namespace WindowStall\Reviews\Views;

use WindowStall\Core\Reviews\HiddenBecause;
use WindowStall\Core\Reviews\ReviewState;
use WindowStall\Reviews\Questions\GoodsQuestion;
use WindowStall\Reviews\Review;
use WindowStall\Stall\Stall;

/** How many said something, and when buyers are asked. */
final readonly class ReviewsView
{
    /**
     * @param  array<string, int>  $counts  by state, and all of them
     * @param  string|null  $state  those that are listed; null for all
     * @param  int|null  $after  days after it was there; null where nobody is asked
     * @param  array<string, string>  $reasons  for which one may be hidden → in words
     * @param  int  $questions  about goods that wait for an answer
     */
    public function __construct(public array $counts, public ?string $state, public ?int $after, public array $reasons, public int $questions)
    {
    }

    public static function of(Stall $stall, ?ReviewState $state): self
    {
        $counts = Review::of($stall)->groupBy('state')->selectRaw('state, count(*) AS times')->toBase()->pluck('times', 'state');
        $reasons = [];
        foreach (HiddenBecause::cases() as $because) {
            $reasons[$because->value] = $because->words();
        }

        $by = $counts->map(static fn (mixed $times): int => (int) $times)->all() + ['shown' => 0, 'held' => 0, 'hidden' => 0];

        return new self(
            counts: ['all' => array_sum($by)] + $by,
            state: $state?->value,
            after: $stall->reviews_after_days,
            reasons: $reasons,
            questions: GoodsQuestion::waiting($stall)->count(),
        );
    }
}
