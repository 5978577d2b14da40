<?php

declare(strict_types=1);

namespace WindowStall\Print\Views;

/** A way of printing. */
final readonly class PlacingMethodView
{
    public function __construct(
        public string $code,
        public string $name,
    ) {
    }
}
