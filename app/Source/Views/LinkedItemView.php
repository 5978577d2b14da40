<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

/** The item that an address leads to. */
final readonly class LinkedItemView
{
    public function __construct(public int $item)
    {
    }
}
