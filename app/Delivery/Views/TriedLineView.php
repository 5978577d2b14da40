<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Views;

use WindowStall\Support\Views\MoneyView;

/** One way that a basket could go, as it stands to choose. */
final readonly class TriedLineView
{
    public function __construct(
        public int $at,
        public string $name,
        public string $dates,
        public MoneyView $charge,
        public MoneyView $cost,
    ) {
    }
}
