<?php

declare(strict_types=1);

namespace WindowStall\Core\Landing;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;

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

    /**
     * As one way for a piece to get there.
     *
     * @param  int  $pieces  in stock there
     * @param  DayRange  $processing  working days before the parcel leaves
     */
    public function offer(string $warehouse, int $pieces, DayRange $processing, Currency $currency): Offer
    {
        return new Offer(
            $warehouse,
            $this->method,
            new Money($this->price, $currency),
            (new DayRange($this->daysMin, $this->daysMax))->after($processing),
            $pieces,
            $this->further === null ? null : new Money($this->further, $currency),
        );
    }
}
