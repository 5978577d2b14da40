<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

/** An address at which somebody may look at the working copy. */
final readonly class OpenPreviewView
{
    public function __construct(public int $id, public string $for, public string $since)
    {
    }
}
