<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

use WindowStall\Support\Views\MoneyView;

/** A price that would move. */
final readonly class MoveView
{
    /** @param  string  $crossed  where another recipe prices it: which, and where they part; else "" */
    public function __construct(
        public int $variant,
        public string $name,
        public MoneyView $before,
        public MoneyView $after,
        public string $moved,
        public string $crossed = '',
    ) {
    }
}
