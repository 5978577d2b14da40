<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Money;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Money\RateUnreadable;
use WindowStall\Core\Money\Rounding;

final class RateTest extends TestCase
{
    #[TestWith(['0', 0])]
    #[TestWith(['0.019', 19_000])]
    #[TestWith(['0.20', 200_000])]
    #[TestWith(['1', 1_000_000])]
    #[TestWith(['0.0000010', 1])]
    #[TestWith(['2.5', 2_500_000])]
    public function test_a_decimal_is_read_exactly(string $decimal, int $millionths): void
    {
        self::assertSame($millionths, Rate::parse($decimal)->millionths);
    }

    #[TestWith([''])]
    #[TestWith(['20%'])]
    #[TestWith(['-0.1'])]
    #[TestWith(['0,2'])]
    #[TestWith(['0.1234567'], 'finer than a rate goes')]
    #[TestWith(['11'], 'more than ten times the whole')]
    public function test_what_is_no_rate_is_refused(string $decimal): void
    {
        $this->expectException(RateUnreadable::class);
        Rate::parse($decimal);
    }

    public function test_a_share_is_rounded_half_up_once_and_read_in_percent(): void
    {
        self::assertEquals(Money::gbp(1), Rate::bp(5000)->of(Money::gbp(1)));
        self::assertEquals(Money::gbp(-1), Rate::bp(5000)->of(Money::gbp(-1)), 'away from nought');
        self::assertSame(
            ['1.9%', '20%', '0.0001%'],
            [Rate::parse('0.019')->percent(), Rate::bp(2000)->percent(), (new Rate(1))->percent()],
        );
    }

    #[TestWith([10, 1, 4, 3, 3], '2.5')]
    #[TestWith([9, 1, 4, 2, 3], '2.25')]
    #[TestWith([-10, 1, 4, -3, -2])]
    #[
        TestWith(
            [4_611_686_018_427_387_904, 3, 2, 6_917_529_027_641_081_856, 6_917_529_027_641_081_856],
            'beyond a machine word in between',
        ),
    ]
    #[TestWith([7, 0, 3, 0, 0])]
    public function test_fractions_of_whole_numbers(
        int $amount,
        int $numerator,
        int $denominator,
        int $halfUp,
        int $up,
    ): void {
        self::assertSame($halfUp, Rounding::halfUp($amount, $numerator, $denominator));
        self::assertSame($up, Rounding::up($amount, $numerator, $denominator));
    }

    public function test_a_fraction_in_lowest_terms(): void
    {
        self::assertSame(
            [[491, 600], [-1, 3], [0, 1]],
            [Rounding::reduced(982, 1200), Rounding::reduced(-4, 12), Rounding::reduced(0, 7)],
        );
    }
}
