<?php

declare(strict_types=1);

namespace WindowStall\Core\Basket;

use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Tax\IncludedTax;

/** What a basket comes to: goods, flat-rate delivery, and the tax that stands inside both. */
final readonly class Totals
{
    private function __construct(
        public Money $goods,
        public Money $delivery,
        public Money $total,
        public Money $tax,
    ) {
    }

    /** @param  list<BasketLine>  $lines */
    public static function of(array $lines, Money $flatDelivery, IncludedTax $tax, Currency $currency): self
    {
        $goods = array_reduce($lines, static fn (Money $sum, BasketLine $l): Money => $sum->plus($l->total()), Money::zero($currency));
        $delivery = $lines === [] ? Money::zero($currency) : $flatDelivery;
        $total = $goods->plus($delivery);

        return new self($goods, $delivery, $total, $tax->within($total));
    }
}
