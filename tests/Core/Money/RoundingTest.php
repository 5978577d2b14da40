<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Money;

use Brick\Math\BigInteger;
use Brick\Math\RoundingMode;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Money\Rounding;

/** One rounding for all amounts: by machine words where they hold, exactly beyond, and the same either way. */
final class RoundingTest extends TestCase
{
    #[TestWith([0, 1, 2, 0])]
    #[TestWith([1, 1, 2, 1])]
    #[TestWith([-1, 1, 2, -1])]
    #[TestWith([1, -1, 2, -1])]
    #[TestWith([-1, -1, 2, 1])]
    #[TestWith([1, 1, 3, 0])]
    #[TestWith([2, 1, 3, 1])]
    #[TestWith([5, 1, 10, 1])]
    #[TestWith([4, 1, 10, 0])]
    #[TestWith([7, 0, 3, 0])]
    #[TestWith([1895, 200_000, 1_000_000, 379])]
    #[TestWith([PHP_INT_MAX, 1, 1, PHP_INT_MAX])]
    #[TestWith([3_000_000_000, 3_000_000_000, 9, 1_000_000_000_000_000_000])]
    public function test_halves_go_away_from_nought(int $amount, int $numerator, int $denominator, int $is): void
    {
        self::assertSame($is, Rounding::halfUp($amount, $numerator, $denominator));
    }

    #[TestWith([0, 1, 2, 0])]
    #[TestWith([1, 1, 2, 1])]
    #[TestWith([-1, 1, 2, 0])]
    #[TestWith([-3, 1, 2, -1])]
    #[TestWith([1, -1, 2, 0])]
    #[TestWith([4, 1, 2, 2])]
    #[TestWith([1, 1, 1_000_000, 1])]
    #[TestWith([PHP_INT_MAX, 1, 1, PHP_INT_MAX])]
    #[TestWith([4_000_000_001, 4_000_000_001, 16, 1_000_000_000_500_000_001])]
    public function test_up_is_never_less(int $amount, int $numerator, int $denominator, int $is): void
    {
        self::assertSame($is, Rounding::up($amount, $numerator, $denominator));
    }

    public function test_machine_words_and_exact_numbers_agree(): void
    {
        mt_srand(1_929);
        for ($n = 0; $n < 3_000; $n++) {
            // Products from a few to beyond what a machine word holds, above and below nought.
            $size = 10 ** mt_rand(0, 9);
            $amount = mt_rand(-$size, $size) * 10 ** mt_rand(0, 3);
            $numerator = mt_rand(0, 10 ** mt_rand(0, 9));
            $denominator = mt_rand(1, 10 ** mt_rand(0, 6));
            $exact = static fn (RoundingMode $mode): string => (string) BigInteger::of($amount)
                ->multipliedBy($numerator)
                ->dividedBy($denominator, $mode);
            if (strlen($exact(RoundingMode::UP)) > 18) {
                continue;
            }
            $case = "$amount × $numerator ÷ $denominator";

            self::assertSame($exact(RoundingMode::HALF_UP), (string) Rounding::halfUp($amount, $numerator, $denominator), $case);
            self::assertSame($exact(RoundingMode::CEILING), (string) Rounding::up($amount, $numerator, $denominator), $case);
        }
    }

    /** @param  array{int, int}  $is */
    #[TestWith([0, 7, [0, 1]])]
    #[TestWith([6, 4, [3, 2]])]
    #[TestWith([-6, 4, [-3, 2]])]
    #[TestWith([7, 7, [1, 1]])]
    #[TestWith([1, 1, [1, 1]])]
    #[TestWith([7, 1, [7, 1]])]
    #[TestWith([12, 18, [2, 3]])]
    public function test_fractions_in_lowest_terms(int $numerator, int $denominator, array $is): void
    {
        self::assertSame($is, Rounding::reduced($numerator, $denominator));
    }
}
