<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

/** One line of the cost sheet: as it is typed, and what it does to the sample. */
final readonly class CostFieldView
{
    public function __construct(public string $key, public string $value, public string $effect)
    {
    }
}
