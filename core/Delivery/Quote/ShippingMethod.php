<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Quote;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;

/** A supplier's own way of sending a whole parcel. */
final readonly class ShippingMethod
{
    /** @param  DayRange  $days  working days from handing over to the door */
    public function __construct(public string $name, public Money $cost, public DayRange $days)
    {
    }
}
