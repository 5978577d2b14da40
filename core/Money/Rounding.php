<?php

declare(strict_types=1);

namespace WindowStall\Core\Money;

use Brick\Math\BigInteger;
use Brick\Math\RoundingMode;

/** A whole number times a fraction, rounded once; in machine words while they hold it, exactly beyond. */
final class Rounding
{
    /** Products up to this are held by machine words; larger ones go the exact way. */
    private const HELD = 9.0e18;

    /**
     * amount × numerator ÷ denominator, halves away from nought.
     *
     * @param  int  $amount  in minor units
     * @param  int  $numerator  of the fraction it is multiplied by
     * @param  int  $denominator  of that fraction, above nought
     */
    public static function halfUp(int $amount, int $numerator, int $denominator): int
    {
        if ($amount < 0) {
            return -self::halfUp(-$amount, $numerator, $denominator);
        }
        // A float only tells whether machine words hold the product; it is never the result.
        if ($numerator < 0 || 2.0 * $amount * $numerator + $denominator > self::HELD) {
            return self::exactly($amount, $numerator, $denominator, RoundingMode::HALF_UP);
        }

        return intdiv(2 * $amount * $numerator + $denominator, 2 * $denominator);
    }

    /**
     * amount × numerator ÷ denominator, never less than exact.
     *
     * @param  int  $amount  in minor units
     * @param  int  $numerator  of the fraction it is multiplied by
     * @param  int  $denominator  of that fraction, above nought
     */
    public static function up(int $amount, int $numerator, int $denominator): int
    {
        if (abs((float) $amount * $numerator) > self::HELD) {
            return self::exactly($amount, $numerator, $denominator, RoundingMode::CEILING);
        }
        $product = $amount * $numerator;
        $whole = intdiv($product, $denominator);

        return $product % $denominator > 0 ? $whole + 1 : $whole;
    }

    /**
     * @param  int  $numerator  of a fraction
     * @param  int  $denominator  of it, above nought
     * @return array{int, int} the same fraction in lowest terms; the denominator above nought
     */
    public static function reduced(int $numerator, int $denominator): array
    {
        [$a, $b] = [abs($numerator), $denominator];
        while ($b !== 0) {
            [$a, $b] = [$b, $a % $b];
        }

        return $a === 0 ? [0, 1] : [intdiv($numerator, $a), intdiv($denominator, $a)];
    }

    private static function exactly(int $amount, int $numerator, int $denominator, RoundingMode $mode): int
    {
        return BigInteger::of($amount)->multipliedBy($numerator)->dividedBy($denominator, $mode)->toInt();
    }
}
