<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Delivery\Quote;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\Quote\DeliveryBalance;
use WindowStall\Core\Delivery\Quote\EvenCharge;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Sale\SaleTerms;
use WindowStall\Core\Tax\SalesTax;

final class BalanceTest extends TestCase
{
    public function test_free_delivery_is_even_where_the_others_pay_for_it(): void
    {
        // Four orders, 300 charged each at most; they cost 840 in all, so three have to pay: the cheapest three.
        $balance = DeliveryBalance::of([
            ['goods' => 1_500, 'charged' => 300, 'cost' => 210],
            ['goods' => 9_000, 'charged' => 0, 'cost' => 210],
            ['goods' => 2_250, 'charged' => 300, 'cost' => 210],
            ['goods' => 3_000, 'charged' => 300, 'cost' => 210],
        ]);
        self::assertSame([4, 900, 840, 3_100], [$balance->orders, $balance->charged, $balance->cost, $balance->evenFrom]);
    }

    /** @param  list<array{goods: int, charged: int, cost: int}>  $orders */
    #[TestWith([[], null], 'nothing was sent')]
    #[TestWith([[['goods' => 1_000, 'charged' => 0, 'cost' => 200]], null], 'nothing was ever charged')]
    #[TestWith([[['goods' => 1_000, 'charged' => 100, 'cost' => 200]], null], 'a charge for all isn’t enough')]
    #[TestWith([[['goods' => 1_000, 'charged' => 100, 'cost' => 0]], null], 'it cost nothing')]
    #[TestWith([[['goods' => 1_000, 'charged' => 200, 'cost' => 200]], 1_100])]
    public function test_there_may_be_no_such_value(array $orders, ?int $from): void
    {
        self::assertSame($from, DeliveryBalance::of($orders)->evenFrom);
    }

    #[TestWith([1_200, 900, 0])]
    #[TestWith([1_200, 1_400, 535])]
    #[TestWith([1_200, 3_000, 2_490])]
    public function test_the_charge_that_makes_a_sale_even_is_the_least(int $price, int $landed, int $charge): void
    {
        $gbp = Currency::of('GBP');
        $terms = new SaleTerms(
            SalesTax::included(Rate::bp(2_000)),
            new Money(295, $gbp),
            Rate::bp(150),
            new Money(20, $gbp),
        );
        $found = EvenCharge::of($terms, new Money($price, $gbp), new Money($landed, $gbp));
        self::assertSame($charge, $found?->minor);
        self::assertGreaterThanOrEqual(0, $terms->charging($found)->keep($price, $landed)[0]);
        if ($charge > 0) {
            self::assertLessThan(0, $terms->charging($found->with($charge - 1))->keep($price, $landed)[0]);
        }
    }

    public function test_where_fees_eat_all_of_a_charge_there_is_none(): void
    {
        $gbp = Currency::of('GBP');
        $terms = new SaleTerms(SalesTax::included(Rate::bp(2_000)), new Money(0, $gbp), Rate::bp(9_000), new Money(0, $gbp));
        self::assertNull(EvenCharge::of($terms, new Money(0, $gbp), new Money(500, $gbp)));
    }
}
