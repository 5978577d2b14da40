<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Tax\IncludedTax;

/** What every sale of a stall bears besides the goods: its tax and what the payment provider takes. */
final readonly class SaleTerms
{
    /** @param  int  $feeBp the payment provider's share of the gross, in basis points */
    public function __construct(
        public IncludedTax $tax,
        public int $feeBp,
        public Money $feeFixed,
    ) {
    }
}
