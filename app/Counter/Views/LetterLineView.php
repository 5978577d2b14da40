<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

/** One thing that was said in a letter. */
final readonly class LetterLineView
{
    public function __construct(public int $id, public bool $ours, public string $words, public string $when)
    {
    }
}
