<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

/** One thing to better, with the bettered text where it can be computed. */
final readonly class NoteView
{
    public function __construct(public string $kind, public string $words, public ?string $instead)
    {
    }
}
