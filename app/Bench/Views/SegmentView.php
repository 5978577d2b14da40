<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Support\Views\MoneyView;

/** One part of the till strip's bar; `share` in basis points of the whole. */
final readonly class SegmentView
{
    public function __construct(public string $key, public string $label, public MoneyView $money, public int $share)
    {
    }
}
