<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Views;

/** One clause of a rule, whether it holds for a listing, and what the listing has of it. */
final readonly class ReasonView
{
    public function __construct(public string $words, public bool $holds, public string $had)
    {
    }
}
