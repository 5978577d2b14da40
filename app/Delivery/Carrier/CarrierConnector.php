<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Carrier;

use WindowStall\Core\Delivery\Quote\RateAsked;
use WindowStall\Core\Money\Money;

/** How the workshop speaks with a carrier. */
interface CarrierConnector
{
    /**
     * What parcels cost now, asked all at once.
     *
     * @param  array<string, RateAsked>  $asked  by key
     * @param  float  $seconds  that are waited for the slowest
     * @return array<string, array<string, Money>> key → service → rate, in the carrier's currency; a key it said nothing
     *     usable of isn't there
     */
    public function rates(array $asked, float $seconds): array;
}
