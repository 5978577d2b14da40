<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Dispatch;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Dispatch\ExpectedCosts;
use WindowStall\Core\Dispatch\ExpectedLine;
use WindowStall\Core\Money\CurrencyMismatch;
use WindowStall\Core\Money\Money;

final class ExpectedCostsTest extends TestCase
{
    public function test_pieces_count_each_and_a_parcel_is_handled_once_for_each_supplier(): void
    {
        $costs = ExpectedCosts::of(
            [self::line(1, 3, 435, 191, 20), self::line(1, 1, 100, 50, 0), self::line(2, 2, 700, 0, 35)],
            Money::gbp(60),
        );
        self::assertSame(
            [3 * 435 + 100 + 1400, 3 * 191 + 50, 60 + 70, 120],
            [$costs->goods->minor, $costs->delivery->minor, $costs->duty->minor, $costs->handling->minor],
        );
    }

    public function test_what_each_supplier_is_expected_to_charge_adds_up_to_the_whole(): void
    {
        mt_srand(11);
        for ($n = 0; $n < 200; $n++) {
            $lines = array_map(
                static fn (): ExpectedLine => self::line(mt_rand(1, 3), mt_rand(1, 99), ...[
                    mt_rand(0, 9999),
                    mt_rand(0, 999),
                    mt_rand(0, 99),
                ]),
                range(1, mt_rand(1, 8)),
            );
            $whole = ExpectedCosts::of($lines, Money::gbp(75));
            $parts = ExpectedCosts::bySupplier($lines, Money::gbp(75));
            foreach (['goods', 'delivery', 'duty', 'handling'] as $figure) {
                $sum = array_sum(array_map(static fn (ExpectedCosts $c): int => $c->{$figure}->minor, $parts));
                self::assertSame($whole->{$figure}->minor, $sum, $figure);
            }
        }
    }

    public function test_nothing_ordered_costs_nothing(): void
    {
        $costs = ExpectedCosts::of([], Money::gbp(75));
        self::assertSame([0, 0], [$costs->goods->minor, $costs->handling->minor]);
        self::assertSame([], ExpectedCosts::bySupplier([], Money::gbp(75)));
    }

    public function test_amounts_of_two_currencies_are_never_added(): void
    {
        $this->expectException(CurrencyMismatch::class);
        ExpectedCosts::of([self::line(1, 1, 100, 0, 0)], Money::of(75, 'EUR'));
    }

    private static function line(int $supplier, int $pieces, int $goods, int $delivery, int $duty): ExpectedLine
    {
        return new ExpectedLine($supplier, $pieces, Money::gbp($goods), Money::gbp($delivery), Money::gbp($duty));
    }
}
