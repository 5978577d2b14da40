<?php

declare(strict_types=1);

namespace WindowStall\Print\Views;

/** A part of a blank that can be printed; millimetres on its sheet. */
final readonly class PlacingAreaView
{
    /**
     * @param  list<PlacingMethodView>  $methods  that reach it
     */
    public function __construct(
        public string $code,
        public string $name,
        public int $left,
        public int $top,
        public int $width,
        public int $height,
        public int $safe,
        public int $bleed,
        public string $from,
        public int $fromTop,
        public array $methods,
    ) {
    }
}
