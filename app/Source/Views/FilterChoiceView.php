<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

/** One choice of a filter, and how many items it would leave with the other filters as they are. */
final readonly class FilterChoiceView
{
    public function __construct(public string $value, public string $label, public int $count, public bool $on)
    {
    }
}
