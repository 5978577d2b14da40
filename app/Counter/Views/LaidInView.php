<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

/** What a supplier lays into each order, and what it takes for it. */
final readonly class LaidInView
{
    public function __construct(public string $code, public string $name, public string $cost)
    {
    }
}
