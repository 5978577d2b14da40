<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Views;

/** Two words that mean the same to shoppers. */
final readonly class SynonymView
{
    public function __construct(public int $id, public string $word, public string $means)
    {
    }
}
