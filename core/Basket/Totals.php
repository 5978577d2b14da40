<?php

declare(strict_types=1);

namespace WindowStall\Core\Basket;

use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\CurrencyMismatch;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Tax\TaxDue;
use WindowStall\Core\Tax\TaxedLine;
use WindowStall\Core\Tax\TaxRules;

/** What a basket comes to: goods, delivery, and the tax that stands inside both or is put on top. */
final readonly class Totals
{
    /**
     * @param  Money  $goods  what is paid for them, codes taken off
     * @param  Money  $before  the same before codes
     * @param  array<int, array{asked: int, tax: int}>  $rates  by the rate in millionths, the highest first
     * @param  bool  $reverse  whether its buyer owes the tax instead, so that none is charged
     */
    private function __construct(
        public Money $goods,
        public Money $before,
        public Money $delivery,
        public Money $total,
        public Money $tax,
        public array $rates,
        public bool $reverse = false,
    ) {
    }

    /**
     * @param  list<BasketLine>  $lines
     * @param  list<Rate>  $rates  of each
     * @param  list<int>  $off  what codes take off each, minor units
     * @param  Rate  $standard  of where it goes
     * @param  bool  $reverse  sold without tax to a business that owes it itself
     *
     * @throws CurrencyMismatch when an amount isn't in that currency
     */
    public static function of(
        array $lines,
        array $rates,
        array $off,
        Money $delivery,
        TaxRules $rules,
        Rate $standard,
        Currency $currency,
        bool $reverse = false,
    ): self {
        $zero = Money::zero($currency);
        if ($lines === []) {
            return new self($zero, $zero, $zero, $zero, $zero, []);
        }
        $goods = array_map(
            static fn (BasketLine $line, int $less): Money => $zero->plus($line->total())->minus($zero->with($less)),
            $lines,
            $off,
        );
        $delivery = $zero->plus($delivery);
        $due = TaxDue::of(
            array_map(static fn (Money $asked, Rate $rate): TaxedLine => new TaxedLine($asked->minor, $rate), $goods, $rates),
            $delivery->minor,
            $rules,
            $standard,
        );
        $sum = array_reduce($goods, static fn (Money $sum, Money $one): Money => $sum->plus($one), $zero);
        $less = $zero->with(array_sum($off));
        if ($reverse) {
            // What stands inside the prices isn't charged.
            [$inGoods, $inDelivery] = $rules->included ? [array_sum($due->lines), $due->onDelivery] : [0, 0];
            $net = $sum->with($sum->minor - $inGoods);
            $sent = $delivery->with($delivery->minor - $inDelivery);

            return new self($net, $net->plus($less), $sent, $net->plus($sent), $zero, [], true);
        }
        $asked = $sum->plus($delivery);
        $tax = $zero->with($due->tax);

        return new self(
            $sum,
            $sum->plus($less),
            $delivery,
            $rules->included ? $asked : $asked->plus($tax),
            $tax,
            $due->rates,
        );
    }
}
