<?php

declare(strict_types=1);

namespace WindowStall\Core\Money;

use Brick\Math\BigInteger;

/** Parts of an amount that add up to it. */
final class Shares
{
    /**
     * Parts an amount in proportion; what is left over goes to the largest remainders, then to the lowest keys (Hare's method).
     *
     * @param  int  $amount  not below nought
     * @param  non-empty-array<int, int>  $weights  not below nought; where all are nought, the lowest key gets everything
     * @return non-empty-array<int, int> by the same keys
     */
    public static function of(int $amount, array $weights): array
    {
        ksort($weights);
        $sum = array_sum($weights);
        if ($sum === 0) {
            $weights[array_key_first($weights)] = $sum = 1;
        }
        $shares = $over = [];
        foreach ($weights as $key => $weight) {
            [$share, $rest] = BigInteger::of($amount)->multipliedBy($weight)->quotientAndRemainder($sum);
            $shares[$key] = $share->toInt();
            $over[$key] = $rest->toInt();
        }
        $keys = array_keys($over);
        usort($keys, static fn (int $a, int $b): int => [$over[$b], $a] <=> [$over[$a], $b]);
        foreach (array_slice($keys, 0, $amount - array_sum($shares)) as $key) {
            $shares[$key]++;
        }

        return $shares;
    }
}
