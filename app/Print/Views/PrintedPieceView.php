<?php

declare(strict_types=1);

namespace WindowStall\Print\Views;

/** An artwork on an area; tenths of a millimetre. */
final readonly class PrintedPieceView
{
    public function __construct(
        public int $artwork,
        public int $x,
        public int $y,
        public int $width,
        public int $height,
        public int $turn,
        public bool $repeat,
    ) {
    }
}
