<?php

declare(strict_types=1);

namespace WindowStall\Reviews;

/** What somebody says of goods they bought. */
final readonly class SaidReview
{
    public const MOST_LETTERS = 2_000;

    public const MOST_PICTURES = 4;

    /**
     * @param  int  $stars  1 to 5
     * @param  string  $name  "" where it isn't to be shown
     * @param  list<string>  $pictures  paths; only with their consent to be shown
     */
    public function __construct(
        public int $stars,
        public string $words,
        public string $name,
        public array $pictures,
        public string $language,
    ) {
    }
}
