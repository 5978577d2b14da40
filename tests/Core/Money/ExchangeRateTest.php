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

    public function test_small_amounts_by_whole_numbers_and_large_ones_by_rationals_agree(): void
    {
        mt_srand(5);
        foreach (
            [
                ['USD', 'GBP', '0.79'],
                ['EUR', 'JPY', '164.123'],
                ['JPY', 'KWD', '0.0020417'],
                ['USD', 'EUR', '0.33333333'],
            ] as [$from, $to, $rate]
        ) {
            $exchange = ExchangeRate::of(Currency::of($from), Currency::of($to), $rate, 200, '2026-11-02');
            for ($n = 0; $n < 200; $n++) {
                $minor = mt_rand(0, 5_000_000);
                $exact = \Brick\Math\BigRational::of($minor)
                    ->multipliedBy(\Brick\Math\BigRational::of($rate))
                    ->multipliedBy(10_200)
                    ->dividedBy(10_000)
                    ->multipliedBy(Currency::of($to)->minorPerUnit())
                    ->dividedBy(Currency::of($from)->minorPerUnit());
                self::assertEquals(
                    Money::rounded($exact, Currency::of($to)),
                    $exchange->convert(Money::of($minor, $from)),
                );
            }
        }
    }
}
