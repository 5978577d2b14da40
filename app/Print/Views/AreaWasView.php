<?php

declare(strict_types=1);

namespace WindowStall\Print\Views;

/** An area as it was when artwork was laid on it, where the print house changed it since; millimetres on the sheet. */
final readonly class AreaWasView
{
    /** @param  string  $says  "Front was 300 × 400 mm and is 280 × 380 mm now." */
    public function __construct(
        public string $code,
        public int $left,
        public int $top,
        public int $width,
        public int $height,
        public string $says,
    ) {
    }
}
