<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use Carbon\CarbonInterface;
use WindowStall\Counter\Letters\Letter;

/** A letter in the list of them. */
final readonly class LetterRowView
{
    public function __construct(
        public int $id,
        public string $name,
        public string $words,
        public string $when,
        public bool $open,
    ) {
    }

    public static function of(Letter $letter): self
    {
        return new self(
            id: $letter->id,
            name: $letter->name,
            words: mb_strimwidth((string) $letter->lines->last()?->words, 0, 160, '…'),
            when: $letter->last_at->diffForHumans(syntax: $letter->open ? CarbonInterface::DIFF_ABSOLUTE : null),
            open: $letter->open,
        );
    }
}
