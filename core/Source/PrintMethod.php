<?php

declare(strict_types=1);

namespace WindowStall\Core\Source;

use WindowStall\Core\Money\Money;

/**
 * A way of printing a blank: what it adds to the cost for the first area and for each further one, and which areas it
 * reaches.
 */
final readonly class PrintMethod
{
    /** @param  list<string>  $areas  codes */
    public function __construct(
        public string $code,
        public string $name,
        public Money $first,
        public Money $further,
        public array $areas,
    ) {
    }
}
