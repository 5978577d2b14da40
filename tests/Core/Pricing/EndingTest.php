<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Pricing;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Recipe\Ending;
use WindowStall\Core\Pricing\Recipe\EndingOutOfRange;
use WindowStall\Core\Pricing\Recipe\Toward;

final class EndingTest extends TestCase
{
    #[TestWith([1990, 1995], '19.90 becomes 19.95')]
    #[TestWith([1996, 2095], '19.96 becomes 20.95, never 19.95')]
    #[TestWith([1995, 1995], 'a price that has the ending keeps it')]
    #[TestWith([0, 95])]
    public function test_upwards_it_never_lowers_a_price(int $computed, int $shown): void
    {
        self::assertEquals(Money::gbp($shown), (new Ending(95))->of(Money::gbp($computed)));
    }

    #[TestWith([1996, 95, 100, 1995])]
    #[TestWith([2044, 95, 100, 1995], '0.49 down, 0.51 up')]
    #[TestWith([2045, 95, 100, 2095], 'of two as near the higher')]
    #[TestWith([1024, 0, 50, 1000])]
    #[TestWith([1025, 0, 50, 1050])]
    #[TestWith([20, 0, 50, 50], 'never nothing')]
    #[TestWith([30, 95, 100, 95])]
    public function test_the_nearest(int $computed, int $minor, int $every, int $shown): void
    {
        self::assertEquals(
            Money::gbp($shown),
            (new Ending($minor, $every, Toward::Nearest))->of(Money::gbp($computed)),
        );
    }

    #[TestWith([1994, 1895])]
    #[TestWith([1995, 1995])]
    #[TestWith([94, null])]
    public function test_the_last_one_under_a_price(int $price, ?int $under): void
    {
        self::assertEquals($under === null ? null : Money::gbp($under), (new Ending(95))->atMost(Money::gbp($price)));
    }

    public function test_a_currency_without_decimals_has_no_such_ending_but_steps_of_its_own(): void
    {
        self::assertEquals(Money::of(1280, 'JPY'), (new Ending(80, 100))->of(Money::of(1201, 'JPY')));
        $this->expectException(EndingOutOfRange::class);
        (new Ending(95))->atLeast(Money::of(1200, 'JPY'));
    }

    public function test_three_decimals(): void
    {
        self::assertEquals(Money::of(4950, 'KWD'), (new Ending(950))->of(Money::of(4011, 'KWD')));
    }
}
