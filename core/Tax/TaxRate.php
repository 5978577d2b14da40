<?php

declare(strict_types=1);

namespace WindowStall\Core\Tax;

use DateTimeImmutable;
use WindowStall\Core\Delivery\Places\Territory;
use WindowStall\Core\Money\Rate;

/** What a country, a part of it or some of its postcodes take of a class of goods, from a day on. */
final readonly class TaxRate
{
    /**
     * @param  string  $from  the first day it counts, YYYY-MM-DD
     * @param  string  $source  where that is said, in words
     */
    public function __construct(
        public Territory $territory,
        public TaxClass $class,
        public Rate $rate,
        public string $from,
        public string $source,
    ) {
    }

    public function counts(DateTimeImmutable $day): bool
    {
        return $day->format('Y-m-d') >= $this->from;
    }
}
