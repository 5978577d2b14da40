<?php

declare(strict_types=1);

namespace WindowStall\Print\Views;

/** One price up to a size, another above. */
final readonly class TwoPricesView
{
    /**
     * @param  string  $low  digits
     * @param  string  $words  "£28.00 up to XL and £31.00 above"
     */
    public function __construct(
        public string $low,
        public string $upTo,
        public string $high,
        public string $words,
    ) {
    }
}
