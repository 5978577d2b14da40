<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Tax;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Basket\BasketLine;
use WindowStall\Core\Basket\Totals;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Money\Shares;
use WindowStall\Core\Tax\DeliveryTax;
use WindowStall\Core\Tax\SalesTax;
use WindowStall\Core\Tax\TaxDue;
use WindowStall\Core\Tax\TaxedLine;
use WindowStall\Core\Tax\TaxRounding;
use WindowStall\Core\Tax\TaxRules;

/** The tax of baskets with goods at several rates, worked by hand; and what holds of any. */
final class TaxDueTest extends TestCase
{
    /**
     * @param  list<array{int, int}>  $lines  asked, rate in basis points
     * @param  array<int, int>  $taxes  rate in basis points → tax
     */
    #[DataProvider('byHand')]
    public function test_it_comes_to_what_was_worked_by_hand(
        array $lines,
        int $delivery,
        bool $included,
        string $as,
        string $rounding,
        array $taxes,
    ): void {
        $due = TaxDue::of(
            self::lines($lines),
            $delivery,
            new TaxRules($included, DeliveryTax::from($as), TaxRounding::from($rounding)),
            Rate::bp(2_000),
        );
        $found = [];
        foreach ($due->rates as $rate => $sums) {
            $found[intdiv($rate, 100)] = $sums['tax'];
        }
        self::assertSame($taxes, $found);
        self::assertSame(array_sum($taxes), $due->tax);
    }

    /** @return iterable<string, array{list<array{int, int}>, int, bool, string, string, array<int, int>}> */
    public static function byHand(): iterable
    {
        // 12.00 ÷ 6 = 2.00
        yield 'one rate inside' => [[[1_200, 2_000]], 0, true, 'shared', 'order', [2_000 => 200]];
        // (12.00 + 2.95) ÷ 6 = 2.4917
        yield 'one rate with its delivery' => [[[1_200, 2_000]], 295, true, 'shared', 'order', [2_000 => 249]];
        yield 'one rate on top' => [[[1_000, 2_000]], 500, false, 'shared', 'order', [2_000 => 300]];
        // 12.00 ÷ 6 = 2.00; 10.50 ÷ 21 = 0.50; 3.00 of delivery: 1.60 and 1.40. (13.60) ÷ 6 = 2.2667; (11.90) ÷ 21 = 0.5667
        yield 'two rates, delivery in proportion' => [[[1_200, 2_000], [1_050, 500]], 300, true, 'shared', 'order', [2_000 => 227, 500 => 57]];
        // (12.00 + 3.00) ÷ 6 = 2.50
        yield 'two rates, delivery as the dearest' => [[[1_200, 2_000], [1_050, 500]], 300, true, 'dearest', 'order', [2_000 => 250, 500 => 50]];
        yield 'reduced goods alone, delivery as the dearest of them' => [[[1_050, 500]], 105, true, 'dearest', 'order', [500 => 55]];
        // 10.50 ÷ 21 = 0.50; 3.00 ÷ 6 = 0.50
        yield 'reduced goods, delivery at the standard rate' => [[[1_050, 500]], 300, true, 'standard', 'order', [2_000 => 50, 500 => 50]];
        yield 'goods without tax, delivery in proportion' => [[[1_050, 0]], 300, true, 'shared', 'order', [0 => 0]];
        yield 'goods without tax, delivery at the standard rate' => [[[1_050, 0]], 300, true, 'standard', 'order', [2_000 => 50, 0 => 0]];
        // Thrice 0.99 ÷ 6 = 0.165, so 0.17 each; together 2.97 ÷ 6 = 0.495
        yield 'rounded by line' => [[[99, 2_000], [99, 2_000], [99, 2_000]], 0, true, 'shared', 'line', [2_000 => 51]];
        yield 'the same by order' => [[[99, 2_000], [99, 2_000], [99, 2_000]], 0, true, 'shared', 'order', [2_000 => 50]];
        // 0.99 × 0.0825 = 0.0817; thrice 0.24
        yield 'on top by line' => [[[99, 825], [99, 825], [99, 825]], 0, false, 'shared', 'line', [825 => 24]];
        // 2.97 × 0.0825 = 0.2450
        yield 'on top by order' => [[[99, 825], [99, 825], [99, 825]], 0, false, 'shared', 'order', [825 => 25]];
        yield 'what is given away bears none' => [[[0, 2_000]], 0, true, 'shared', 'order', [2_000 => 0]];
        yield 'all given away, its delivery isn’t' => [[[0, 2_000], [0, 500]], 300, true, 'shared', 'order', [2_000 => 0, 500 => 14]];
        yield 'nothing but delivery' => [[], 300, true, 'shared', 'order', [2_000 => 50]];
    }

    /** A hundred baskets for each way of rounding and of taxing delivery. */
    public function test_whatever_is_bought_it_adds_up(): void
    {
        mt_srand(28);
        foreach (DeliveryTax::cases() as $as) {
            foreach (TaxRounding::cases() as $rounding) {
                for ($n = 0; $n < 100; $n++) {
                    $lines = [[mt_rand(1, 9_999), 2_000]];
                    for ($of = mt_rand(0, 7); $of > 0; $of--) {
                        $lines[] = [mt_rand(0, 9_999), [0, 500, 1_350, 2_000, 2_300][mt_rand(0, 4)]];
                    }
                    $this->addsUp($lines, mt_rand(0, 900), new TaxRules((bool) mt_rand(0, 1), $as, $rounding));
                }
            }
        }
    }

    /** @param  non-empty-list<array{int, int}>  $lines */
    private function addsUp(array $lines, int $delivery, TaxRules $rules): void
    {
        $due = TaxDue::of(self::lines($lines), $delivery, $rules, Rate::bp(2_000));
        $asked = array_sum(array_column($lines, 0)) + $delivery;
        $why = json_encode([$lines, $delivery, $rules]);
        self::assertSame($asked, array_sum(array_column($due->rates, 'asked')), (string) $why);
        self::assertSame($due->tax, array_sum(array_column($due->rates, 'tax')));
        $back = TaxDue::of(self::lines(array_reverse($lines)), $delivery, $rules, Rate::bp(2_000));
        self::assertEquals($due->rates, $back->rates, 'in whichever order it was filled '.$why);
        $totals = self::totals($lines, $delivery, $rules);
        self::assertSame($rules->included ? $asked : $asked + $due->tax, $totals->total->minor);
        self::assertSame($due->tax, $totals->tax->minor);
        $reverse = self::totals($lines, $delivery, $rules, reverse: true);
        self::assertSame(0, $reverse->tax->minor);
        self::assertSame($reverse->total->minor, $reverse->goods->minor + $reverse->delivery->minor);
        self::assertLessThanOrEqual($totals->total->minor, $reverse->total->minor);
    }

    public function test_a_business_that_owes_the_tax_pays_what_is_left_without_it(): void
    {
        // 12.00 − 2.00 and 3.00 − 0.50
        $totals = self::totals([[1_200, 2_000]], 300, new TaxRules(true), reverse: true);
        self::assertSame([1_000, 250, 1_250, 0], [$totals->goods->minor, $totals->delivery->minor, $totals->total->minor, $totals->tax->minor]);
        $onTop = self::totals([[1_200, 2_000]], 300, new TaxRules(false), reverse: true);
        self::assertSame([1_500, 0, []], [$onTop->total->minor, $onTop->tax->minor, $onTop->rates]);
    }

    public function test_the_tax_of_a_sale_that_was_made_is_what_it_was(): void
    {
        $tax = SalesTax::included(Rate::bp(2_000))->known(Money::gbp(57));
        self::assertSame([57, 57], [$tax->minorOn(1_200), $tax->on(Money::gbp(999))->minor]);
    }

    /**
     * @param  non-empty-array<int, int>  $weights
     * @param  array<int, int>  $shares
     */
    #[TestWith([100, [1 => 1, 2 => 1, 3 => 1], [1 => 34, 2 => 33, 3 => 33]])]
    #[TestWith([10, [5 => 0, 7 => 0], [5 => 10, 7 => 0]])]
    #[TestWith([1, [9 => 1, 4 => 2], [4 => 1, 9 => 0]])]
    #[TestWith([0, [1 => 3], [1 => 0]])]
    public function test_shares_add_up_and_the_largest_remainders_get_what_is_over(int $amount, array $weights, array $shares): void
    {
        self::assertSame($shares, Shares::of($amount, $weights));
    }

    /**
     * @param  list<array{int, int}>  $lines
     * @return list<TaxedLine>
     */
    private static function lines(array $lines): array
    {
        return array_map(static fn (array $line): TaxedLine => new TaxedLine($line[0], Rate::bp($line[1])), $lines);
    }

    /** @param  list<array{int, int}>  $lines */
    private static function totals(array $lines, int $delivery, TaxRules $rules, bool $reverse = false): Totals
    {
        return Totals::of(
            array_map(static fn (array $line): BasketLine => new BasketLine(Money::gbp($line[0]), 1), $lines),
            array_map(static fn (array $line): Rate => Rate::bp($line[1]), $lines),
            array_map(static fn (): int => 0, $lines),
            Money::gbp($delivery),
            $rules,
            Rate::bp(2_000),
            Currency::of('GBP'),
            $reverse,
        );
    }
}
