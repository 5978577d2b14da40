<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Basket;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Basket\BasketLine;
use WindowStall\Core\Basket\Totals;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Offers\Ladder;
use WindowStall\Core\Pricing\Offers\Rung;
use WindowStall\Core\Tax\TaxRules;

final class TotalsTest extends TestCase
{
    public function test_delivery_is_charged_once_and_vat_stands_inside_the_whole(): void
    {
        $totals = Totals::of(
            [new BasketLine(Money::gbp(1895), 2), new BasketLine(Money::gbp(850), 1)],
            [Rate::bp(2000), Rate::bp(2000)],
            [0, 0],
            Money::gbp(295),
            new TaxRules(included: true),
            Rate::bp(2000),
            Currency::of('GBP'),
        );
        self::assertEquals(
            [Money::gbp(4640), Money::gbp(295), Money::gbp(4935)],
            [$totals->goods, $totals->delivery, $totals->total],
        );
        // 49.35 − 49.35/1.2 = 8.225, half up
        self::assertEquals(Money::gbp(823), $totals->tax);
    }

    public function test_what_codes_take_off_is_paid_for_by_nobody_and_the_goods_are_told_before_it(): void
    {
        $totals = Totals::of(
            [new BasketLine(Money::gbp(1895), 2), new BasketLine(Money::gbp(850), 1)],
            [Rate::bp(2000), Rate::bp(2000)],
            [379, 85],
            Money::gbp(295),
            new TaxRules(included: true),
            Rate::bp(2000),
            Currency::of('GBP'),
        );
        self::assertEquals(
            [Money::gbp(4640), Money::gbp(4176), Money::gbp(4471)],
            [$totals->before, $totals->goods, $totals->total],
        );
    }

    public function test_an_empty_basket_costs_nothing(): void
    {
        self::assertSame(
            0,
            Totals::of([], [], [], Money::gbp(295), new TaxRules(true), Rate::bp(2000), Currency::of('GBP'))->total->minor,
        );
    }

    #[TestWith([0])]
    #[TestWith([-1])]
    #[TestWith([100])]
    public function test_a_line_holds_one_to_ninety_nine_pieces(int $quantity): void
    {
        $this->expectException(\InvalidArgumentException::class);
        new BasketLine(Money::gbp(100), $quantity);
    }

    public function test_a_line_says_what_a_ladder_makes_of_it_and_nothing_where_none_does(): void
    {
        $ladder = new Ladder([Rung::percent(3, Rate::bp(1_000))]);
        self::assertNull((new BasketLine(Money::gbp(1_000), 2, $ladder))->laddered());
        self::assertSame(2_700, (new BasketLine(Money::gbp(1_000), 3, $ladder))->laddered()?->minor);
        self::assertNull((new BasketLine(Money::gbp(1_000), 3))->laddered());
    }

    public function test_a_line_of_no_pieces_or_too_many_is_none(): void
    {
        foreach ([0, -1, BasketLine::MOST_PIECES + 1] as $pieces) {
            try {
                new BasketLine(Money::gbp(1_000), $pieces);
                self::fail($pieces.' pieces were taken.');
            } catch (\InvalidArgumentException $e) {
                self::assertStringContainsString('1 to 99', $e->getMessage());
            }
        }
    }
}
