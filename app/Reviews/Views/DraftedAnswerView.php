<?php

declare(strict_types=1);

namespace WindowStall\Reviews\Views;

/** An answer drafted from what is known of the goods. */
final readonly class DraftedAnswerView
{
    /** @param  string  $words  "" where no fact answers it */
    public function __construct(public string $words)
    {
    }
}
