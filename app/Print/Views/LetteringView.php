<?php

declare(strict_types=1);

namespace WindowStall\Print\Views;

/** How words are set that are an artwork. */
final readonly class LetteringView
{
    public function __construct(public string $words, public string $face, public string $colour, public string $align)
    {
    }
}
