<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

/**
 * One method a supplier offers for a parcel with one piece; prices in minor units of the supplier's currency, transit
 * in working days.
 */
final readonly class Quote
{
    /** @param  int|null  $further  what each further piece adds; null where the supplier doesn't say */
    public function __construct(
        public string $method,
        public int $price,
        public int $daysMin,
        public int $daysMax,
        public ?int $further = null,
    ) {
    }
}
