<?php

declare(strict_types=1);

namespace WindowStall\Core\Basket;

use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\CurrencyMismatch;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Tax\SalesTax;

/** What a basket comes to: goods, delivery, and the tax that stands inside both or is put on top. */
final readonly class Totals
{
    /** @param  Money  $goods  what is paid for them, codes taken off */
    private function __construct(public Money $goods, public Money $delivery, public Money $total, public Money $tax)
    {
    }

    /**
     * @param  list<BasketLine>  $lines
     * @param  Money|null  $discount  what codes take off the goods
     *
     * @throws CurrencyMismatch when an amount isn't in that currency
     */
    public static function of(
        array $lines,
        Money $delivery,
        SalesTax $tax,
        Currency $currency,
        ?Money $discount = null,
    ): self {
        $goods = array_reduce(
            $lines,
            static fn (Money $sum, BasketLine $l): Money => $sum->plus($l->total()),
            Money::zero($currency),
        );
        $delivery = $lines === [] ? Money::zero($currency) : $delivery;
        $goods = $goods->minus($discount ?? Money::zero($currency));
        $asked = $goods->plus($delivery);

        return new self($goods, $delivery, $tax->gross($asked), $tax->on($asked));
    }
}
