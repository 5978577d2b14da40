<?php

declare(strict_types=1);

namespace WindowStall\Reviews\Views;

use WindowStall\Core\Reviews\HeldFor;
use WindowStall\Reviews\Questions\GoodsQuestion;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;

/** A question about goods, and what became of it. */
final readonly class QuestionView
{
    /**
     * @param  bool  $mayShow  whether who asked agreed that others read it
     * @param  string  $caution  what to look at before others read it; "" for nothing
     */
    public function __construct(
        public int $id,
        public string $words,
        public string $about,
        public int $listing,
        public string $when,
        public string $answer,
        public bool $kept,
        public bool $mayShow,
        public bool $putBy,
        public string $caution,
    ) {
    }

    public static function of(Stall $stall, GoodsQuestion $question): self
    {
        $held = array_map(static fn (string $for): string => HeldFor::from($for)->words(), $question->held_for);

        return new self(
            id: $question->id,
            words: $question->words,
            about: (string) $question->listing?->shown_title,
            listing: $question->listing_id,
            when: Clock::of($stall)->day($question->asked_at),
            answer: (string) $question->answer,
            kept: $question->kept,
            mayShow: $question->may_show,
            putBy: $question->put_by,
            caution: $held === [] ? '' : 'Look at it before others read it: '.implode(', ', $held).'.',
        );
    }
}
