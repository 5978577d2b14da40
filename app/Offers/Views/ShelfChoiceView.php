<?php

declare(strict_types=1);

namespace WindowStall\Offers\Views;

/** A shelf that a code can hold for. */
final readonly class ShelfChoiceView
{
    public function __construct(public int $id, public string $name)
    {
    }
}
