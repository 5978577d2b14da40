<?php

declare(strict_types=1);

namespace WindowStall\Core\Words;

/** One thing to better about a title, in words. */
final readonly class TitleNote
{
    /** @param  string|null  $instead  the title bettered, where that can be computed */
    public function __construct(public string $kind, public string $words, public ?string $instead = null)
    {
    }
}
