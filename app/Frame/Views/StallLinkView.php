<?php

declare(strict_types=1);

namespace WindowStall\Frame\Views;

/** A stall one can step over to. */
final readonly class StallLinkView
{
    public function __construct(public string $handle, public string $name)
    {
    }
}
