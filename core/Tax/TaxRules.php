<?php

declare(strict_types=1);

namespace WindowStall\Core\Tax;

use WindowStall\Core\Money\Rate;

/** How a market has its tax reckoned. */
final readonly class TaxRules
{
    /** @param  bool  $included  whether it stands inside the prices, or is put on top */
    public function __construct(
        public bool $included,
        public DeliveryTax $delivery = DeliveryTax::Shared,
        public TaxRounding $rounding = TaxRounding::Order,
    ) {
    }

    public function tax(Rate $rate): SalesTax
    {
        return $this->included ? SalesTax::included($rate) : SalesTax::onTop($rate);
    }
}
