<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use WindowStall\Counter\Letters\Letter;
use WindowStall\Counter\Letters\LetterLine;
use WindowStall\Stall\Clock;

/** A letter with everything that was said. */
final readonly class LetterView
{
    /** @param  list<LetterLineView>  $lines */
    public function __construct(
        public int $id,
        public string $name,
        public string $email,
        public ?int $order,
        public ?int $orderNumber,
        public bool $open,
        public array $lines,
    ) {
    }

    public static function of(Letter $letter): self
    {
        return new self(
            id: $letter->id,
            name: $letter->name,
            email: $letter->email,
            order: $letter->order_id,
            orderNumber: $letter->order?->number,
            open: $letter->open,
            lines: array_values($letter->lines->map(static fn (LetterLine $line): LetterLineView => new LetterLineView(
                id: $line->id,
                ours: $line->ours,
                words: $line->words,
                when: Clock::here()->moment($line->said_at),
            ))->all()),
        );
    }
}
