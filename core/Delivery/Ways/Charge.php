<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Ways;

use WindowStall\Core\Money\Money;

/** How what a shopper pays for delivery follows from what is sent. */
interface Charge
{
    /** @return Money|null null where what it goes by isn't known of the load */
    public function of(Load $load): ?Money;

    /** The least it ever comes to: what prices may reckon with. */
    public function least(): Money;
}
