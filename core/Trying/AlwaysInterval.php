<?php

declare(strict_types=1);

namespace WindowStall\Core\Trying;

/**
 * How far a mean may be from what was found so far, with 95% confidence at every moment at once, so that one may look as
 * often as one likes: the normal mixture of H. Robbins (Statistical Methods Related to the Law of the Iterated Logarithm,
 * 1970), for a standard deviation that is known, or estimated from many (I. Waudby-Smith et al., Time-uniform central limit
 * theory and asymptotic confidence sequences, 2021).
 */
final class AlwaysInterval
{
    private const ALPHA = 0.05;

    /** Orders at which it is narrowest against what one that is looked at once would be. */
    private const TIGHTEST = 2_000;

    /**
     * @param  int  $n  how many the mean is of, from 1
     * @param  float  $deviation  of one of them
     */
    public static function radius(int $n, float $deviation): float
    {
        $log = -2 * log(self::ALPHA);
        // As the second source has it, approximately.
        $mixed = ($log + log($log + 1)) / self::TIGHTEST;
        $grown = $n * $mixed + 1;

        return $deviation * sqrt($grown / ($n ** 2 * $mixed) * log($grown / self::ALPHA ** 2));
    }
}
