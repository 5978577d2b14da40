<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

/** A listing that a step touched. */
final readonly class ImportedListingView
{
    public function __construct(public int $id, public string $title, public bool $made, public bool $undone)
    {
    }

    /** @param  array{id: int, title: string, made: bool, undone: bool}  $part */
    public static function of(array $part): self
    {
        return new self(...$part);
    }
}
