<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/** The shape of things in a look. */
final readonly class Shape
{
    public function __construct(
        public Corner $corner,
        public LineStyle $line,
        public Shadow $shadow,
        public Density $density,
    ) {
    }
}
