<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Views;

/** A shelf that was made. */
final readonly class MadeShelfView
{
    public function __construct(public int $shelf)
    {
    }
}
