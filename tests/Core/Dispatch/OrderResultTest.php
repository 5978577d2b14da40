<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Dispatch;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Dispatch\Books\OrderResult;
use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Sale\SaleTerms;
use WindowStall\Core\Pricing\Sale\Till;
use WindowStall\Core\Tax\SalesTax;

/** The books of an order: what it kept against what was expected, and why. */
final class OrderResultTest extends TestCase
{
    public function test_what_moved_it_adds_up_to_the_difference(): void
    {
        // 54.00 and 2.95 delivery, 20% within; expected 21.40 + 6.10, charged 23.50 + 6.10; 18.00 back with 3.00 tax in it, of
        // which the supplier bears 5.00; 2% was set by for returns.
        $expected = self::till(2140, 610);
        $result = self::books($expected, self::till(2350, 610), 1800, 300, 500, settled: true);
        self::assertSame(
            ['goods' => -210, 'back' => -1500, 'borne' => 500, 'returns' => $expected->returns->minor],
            array_map(static fn (Money $one): int => $one->minor, $result->reasons()),
        );
        self::assertSame($result->difference()->minor, array_sum(array_map(static fn (Money $m): int => $m->minor, $result->reasons())));
        self::assertSame($expected->keep->minor + $result->difference()->minor, $result->kept->minor);
        self::assertGreaterThan(0, $expected->returns->minor);
    }

    public function test_as_expected_nothing_is_explained(): void
    {
        $till = self::till(2140, 610);
        $result = self::books($till, $till, 0, 0, 0, settled: false);
        self::assertSame([[], 0, $till->keep->minor], [$result->reasons(), $result->difference()->minor, $result->kept->minor]);
    }

    public function test_giving_all_of_it_back_loses_the_fee_and_what_the_supplier_charged(): void
    {
        $till = self::till(0, 0);
        $result = self::books(self::till(2140, 610), $till, 5695, 949, 0, settled: true);
        // Nothing was sent: of 56.95 the fee alone is lost.
        self::assertSame(-$till->fee->minor - $till->platform->minor, $result->kept->minor);
    }

    private static function books(Till $expected, Till $actual, int $back, int $tax, int $borne, bool $settled): OrderResult
    {
        return new OrderResult($expected, $actual, Money::gbp($back), Money::gbp($tax), Money::gbp($borne), $settled);
    }

    private static function till(int $goods, int $delivery): Till
    {
        return Till::ring(
            Money::gbp(5400),
            Landed::of(Money::gbp($goods), Money::gbp($delivery), Money::gbp(0), Money::gbp(0)),
            new SaleTerms(
                SalesTax::included(new Rate(200_000)),
                Money::gbp(295),
                Rate::bp(150),
                Money::gbp(20),
                Rate::bp(0),
                Rate::bp(200),
                Money::gbp(0),
            ),
        );
    }
}
