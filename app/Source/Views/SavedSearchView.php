<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

/** A search worth keeping, with the address that repeats it. */
final readonly class SavedSearchView
{
    public function __construct(public int $id, public string $name, public string $url)
    {
    }
}
