<?php

declare(strict_types=1);

namespace WindowStall\Reviews\Views;

use WindowStall\Core\Reviews\HeldFor;
use WindowStall\Core\Reviews\ReviewState;
use WindowStall\Reviews\Review;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Pictures\PictureSizes;

/** What a buyer said, and what became of it. */
final readonly class ReviewRowView
{
    /**
     * @param  string  $who  their name, or that they don't say it
     * @param  list<string>  $pictures  addresses
     * @param  string  $stands  why shoppers don't read it; "" where they do
     */
    public function __construct(
        public int $id,
        public int $stars,
        public string $words,
        public string $who,
        public string $about,
        public string $when,
        public array $pictures,
        public string $state,
        public string $stands,
        public string $answer,
        public int $listing,
    ) {
    }

    public static function of(Stall $stall, Review $review): self
    {
        $held = array_map(static fn (string $for): string => HeldFor::from($for)->words(), $review->held_for);

        return new self(
            id: $review->id,
            stars: $review->stars,
            words: $review->words,
            who: match (true) {
                $review->source !== null => 'brought in from '.$review->source,
                $review->name === '' => 'without a name',
                default => $review->name,
            },
            about: (string) $review->listing?->shown_title,
            when: Clock::of($stall)->day($review->written_at),
            pictures: array_map(static fn (string $path): string => PictureSizes::url($path, 400, 'webp'), $review->pictures),
            state: $review->state->value,
            stands: match ($review->state) {
                ReviewState::Shown => '',
                ReviewState::Held => 'Shoppers don’t read it yet: '.implode(', ', $held).'.',
                ReviewState::Hidden => 'Hidden, because '.$review->hidden_because?->words().'. That stands in the shop.',
            },
            answer: (string) $review->answer,
            listing: $review->listing_id,
        );
    }
}
