<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Money;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\CurrencyMismatch;
use WindowStall\Core\Money\ExchangeRate;
use WindowStall\Core\Money\Money;

final class ExchangeRateTest extends TestCase
{
    public function test_a_cost_is_turned_into_the_stalls_currency_with_the_cushion_on_top(): void
    {
        $rate = ExchangeRate::of(Currency::of('USD'), Currency::of('GBP'), '0.79', 200, '2026-11-02');
        // 5.40 × 0.79 × 1.02 = 4.351…
        self::assertEquals(Money::gbp(435), $rate->convert(Money::of(540, 'USD')));
    }

    public function test_currencies_without_decimals_are_counted_in_whole_units(): void
    {
        $rate = ExchangeRate::of(Currency::of('USD'), Currency::of('JPY'), '150', 0, '2026-11-02');
        self::assertEquals(Money::of(810, 'JPY'), $rate->convert(Money::of(540, 'USD')));
        $back = ExchangeRate::of(Currency::of('JPY'), Currency::of('USD'), '0.00666667', 0, '2026-11-02');
        self::assertEquals(Money::of(540, 'USD'), $back->convert(Money::of(810, 'JPY')));
    }

    public function test_a_rate_takes_only_its_own_currency(): void
    {
        $this->expectException(CurrencyMismatch::class);
        ExchangeRate::none(Currency::of('GBP'))->convert(Money::of(1, 'USD'));
    }

    public function test_a_rate_is_above_nought(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        ExchangeRate::of(Currency::of('USD'), Currency::of('GBP'), '0', 0, '2026-11-02');
    }
}
