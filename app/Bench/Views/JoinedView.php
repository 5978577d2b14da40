<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

/** The listing that several were joined into. */
final readonly class JoinedView
{
    public function __construct(public int $listing, public int $change)
    {
    }
}
