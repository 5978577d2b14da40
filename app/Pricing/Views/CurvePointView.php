<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

/** A price and what is kept at it: minor units for the picture, words for the reader. */
final readonly class CurvePointView
{
    public function __construct(
        public int $price,
        public int $keep,
        public string $priceText,
        public string $digits,
        public string $keepText,
        public string $margin,
    ) {
    }
}
