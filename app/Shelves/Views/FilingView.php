<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Views;

/** A tag or a type, and how many listings have it. */
final readonly class FilingView
{
    /** @param  string  $kind  tag or type */
    public function __construct(public string $kind, public string $name, public int $listings)
    {
    }
}
