<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

/** A value as the supplier says it and as the seller calls it. */
final readonly class OptionValueView
{
    public function __construct(public string $value, public string $own)
    {
    }
}
