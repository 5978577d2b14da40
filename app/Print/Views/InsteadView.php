<?php

declare(strict_types=1);

namespace WindowStall\Print\Views;

/** On one colour another artwork lies. */
final readonly class InsteadView
{
    public function __construct(
        public string $colour,
        public int $artwork,
        public int $other,
    ) {
    }
}
