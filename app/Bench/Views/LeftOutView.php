<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

/** A listing that couldn't be put in the window with many others, and why. */
final readonly class LeftOutView
{
    public function __construct(public int $id, public string $title, public string $why)
    {
    }
}
