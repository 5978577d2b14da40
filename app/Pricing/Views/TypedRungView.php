<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

/** A rung of a ladder as it is typed. */
final readonly class TypedRungView
{
    public function __construct(public int $pieces, public string $kind, public string $value, public string $words = '')
    {
    }
}
