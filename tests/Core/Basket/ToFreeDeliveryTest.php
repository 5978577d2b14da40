<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Basket;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Basket\ToFreeDelivery;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Recipe\Floor;
use WindowStall\Core\Pricing\Sale\SaleTerms;
use WindowStall\Core\Tax\SalesTax;

/** Tax of 20% in the prices, £2.95 for delivery, free from £40; no fees but 1.5% and £0.20 a payment. */
final class ToFreeDeliveryTest extends TestCase
{
    public function test_it_is_what_is_missing_in_goods(): void
    {
        self::assertSame(2_405, $this->missing([1_595, 400, 1, null]));
        self::assertSame(1, $this->missing([3_999, 1_000, 2, null]));
        self::assertSame(1_000, $this->missing([1_000, 300, 1, null], [2_000, 500, 2, null]));
    }

    public function test_there_is_none_where_it_is_free_already_or_never(): void
    {
        self::assertNull($this->missing([4_000, 400, 1, null]));
        self::assertNull($this->missing([5_000, 400, 1, null]));
        self::assertNull($this->missing());
        self::assertNull(ToFreeDelivery::missing(self::lines([1_595, 400, 1, null]), self::terms(freeOver: null)));
        self::assertNull(ToFreeDelivery::missing(self::lines([1_595, 400, 1, null]), self::terms(charged: 0)));
    }

    /** £40 gross: £33.33 received, £0.80 to the payment; with 40% of it landed, £16.53 is kept, 49.6% of the receipts. */
    public function test_it_is_held_out_only_where_the_fuller_basket_keeps_its_floor(): void
    {
        $at = fn (string $floor): ?int => $this->missing([2_000, 800, 1, Floor::margin(Rate::parse($floor))]);
        self::assertSame(2_000, $at('0.49'));
        self::assertNull($at('0.50'));

        // An amount is for each piece: twice as many of them at £8.26 is £16.52, a penny less than is kept.
        self::assertSame(2_000, $this->missing([2_000, 800, 1, Floor::keep(self::pounds(826))]));
        self::assertNull($this->missing([2_000, 800, 1, Floor::keep(self::pounds(827))]));
        self::assertNull($this->missing([2_000, 800, 2, Floor::keep(self::pounds(826))]));
    }

    public function test_it_isnt_where_it_would_lose_or_a_cost_isnt_known(): void
    {
        self::assertNull($this->missing([2_000, 1_700, 1, null]), '£40 would cost £34 landed');
        self::assertNull($this->missing([1_000, 100, 1, null], [500, null, 1, null]));
    }

    /** Each goods' share of the receipts has its own floor. */
    public function test_goods_with_other_floors_are_weighed_together(): void
    {
        $strict = Floor::margin(Rate::parse('0.60'));
        self::assertNull($this->missing([2_000, 800, 1, $strict]));
        self::assertNotNull($this->missing([1_000, 400, 1, $strict], [1_000, 400, 1, null]));
    }

    /** @param  array{int, int|null, int, Floor|null}  ...$lines */
    private function missing(array ...$lines): ?int
    {
        return ToFreeDelivery::missing(self::lines(...$lines), self::terms())?->minor;
    }

    /**
     * @param  array{int, int|null, int, Floor|null}  ...$lines
     * @return list<array{goods: int, landed: int|null, pieces: int, floor: Floor|null}>
     */
    private static function lines(array ...$lines): array
    {
        return array_values(array_map(
            static fn (array $l): array => ['goods' => $l[0], 'landed' => $l[1], 'pieces' => $l[2], 'floor' => $l[3]],
            $lines,
        ));
    }

    private static function terms(?int $freeOver = 4_000, int $charged = 295): SaleTerms
    {
        return new SaleTerms(
            tax: SalesTax::included(Rate::parse('0.20')),
            charged: self::pounds($charged),
            payment: Rate::parse('0.015'),
            paymentFixed: self::pounds(20),
            freeOver: $freeOver === null ? null : self::pounds($freeOver),
        );
    }

    private static function pounds(int $minor): Money
    {
        return new Money($minor, Currency::of('GBP'));
    }
}
