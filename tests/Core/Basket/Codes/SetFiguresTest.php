<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Basket\Codes;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Basket\Codes\SetFigures;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Recipe\Floor;
use WindowStall\Core\Pricing\Sale\SaleTerms;
use WindowStall\Core\Tax\SalesTax;

/** Tax of 20% in the prices, £2.95 for delivery, 1.5% and £0.20 a payment. */
final class SetFiguresTest extends TestCase
{
    public function test_what_is_kept_of_both_is_worked_out_as_one_sale(): void
    {
        $figures = SetFigures::of([$this->good(1_595, 600), $this->good(450, 200)], Money::gbp(1_800), Money::gbp(0));
        self::assertSame(2_045, $figures->apart->minor);
        // 18.00 + 2.95 = 20.95; less tax 3.49, payment 0.31 + 0.20, landed 8.00.
        self::assertSame(895, $figures->keep?->minor);
        // 20.45 + 2.95 = 23.40; less tax 3.90, payment 0.35 + 0.20, landed 8.00.
        self::assertSame(1_095, $figures->keepApart?->minor);
        self::assertSame([], $figures->under);
    }

    public function test_those_whose_share_falls_under_their_floor_are_named(): void
    {
        $strict = $this->good(450, 200, Floor::margin(Rate::parse('0.50')));
        $at = fn (int $price): array => SetFigures::of([$this->good(1_595, 600), $strict], Money::gbp($price), Money::gbp(0))->under;
        self::assertSame([[], [1]], [$at(2_000), $at(1_000)]);
    }

    public function test_without_a_price_or_a_cost_what_depends_on_it_isn_t_said(): void
    {
        $open = SetFigures::of([$this->good(1_595, 600), $this->good(450, 200)], null, Money::gbp(0));
        self::assertSame([2_045, null, 1_095], [$open->apart->minor, $open->keep, $open->keepApart?->minor]);
        $unknown = SetFigures::of([$this->good(1_595, 600), $this->good(450, null)], Money::gbp(1_800), Money::gbp(0));
        self::assertSame([null, null], [$unknown->keep, $unknown->keepApart]);
        self::assertSame(0, SetFigures::of([], Money::gbp(1_800), Money::gbp(0))->apart->minor);
    }

    /** @return array{price: int, landed: int|null, floor: Floor|null, terms: SaleTerms} */
    private function good(int $price, ?int $landed, ?Floor $floor = null): array
    {
        return ['price' => $price, 'landed' => $landed, 'floor' => $floor, 'terms' => new SaleTerms(
            SalesTax::included(Rate::parse('0.20')),
            Money::gbp(295),
            Rate::parse('0.015'),
            Money::gbp(20),
            Rate::none(),
            Rate::none(),
            Money::gbp(0),
        )];
    }
}
