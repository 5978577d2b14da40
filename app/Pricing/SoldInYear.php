<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Stall\Stall;

/** What was sold to a country in the stall's running year: thresholds of tax go by it. Filled by whoever keeps the orders. */
interface SoldInYear
{
    /**
     * @param  string  $country  ISO 3166-1
     * @param  Currency  $in  of that market
     * @return Money goods and delivery without tax, of orders that are paid
     */
    public function to(Stall $stall, string $country, Currency $in): Money;
}
