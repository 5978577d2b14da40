<?php

declare(strict_types=1);

namespace WindowStall\Core\Shelves;

/** A shelf that there could be: goods that share a type, a tag or a word. */
final readonly class Candidate
{
    /** @param  list<int>  $goods */
    public function __construct(public ShelfField|Word $by, public string $name, public array $goods)
    {
    }

    /** Types tell most of what goods are, then tags, then words. */
    public function rank(): int
    {
        return match ($this->by) {
            ShelfField::Type => 0,
            ShelfField::Tag => 1,
            default => 2,
        };
    }
}
