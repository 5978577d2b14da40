<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Dispatch\Sourcing;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Dispatch\Sourcing\Portions;

/** Orders that a supplier's terms allow. */
final class PortionsTest extends TestCase
{
    /**
     * @param  array<int, int>  $lines
     * @param  list<array<int, int>>  $portions
     */
    #[TestWith([[1 => 5, 2 => 3], null, [[1 => 5, 2 => 3]]], 'no limit')]
    #[TestWith([[1 => 5, 2 => 3], 8, [[1 => 5, 2 => 3]]], 'just enough')]
    #[TestWith([[1 => 5, 2 => 3], 7, [[1 => 5], [2 => 3]]], 'no line is cut that fits alone')]
    #[TestWith([[1 => 2, 2 => 6, 3 => 4], 6, [[2 => 6], [3 => 4, 1 => 2]]], 'the largest first')]
    #[TestWith([[1 => 15, 2 => 2], 6, [[1 => 6], [1 => 6], [1 => 3, 2 => 2]]], 'one that is more than an order holds is cut')]
    #[TestWith([[1 => 12], 6, [[1 => 6], [1 => 6]]], 'without an empty rest')]
    #[TestWith([[1 => 0], 6, []], 'nothing')]
    public function test_lines_are_laid_into_orders(array $lines, ?int $most, array $portions): void
    {
        self::assertSame($portions, Portions::of($lines, $most));
    }

    public function test_no_piece_is_lost_no_order_too_large_and_few_are_needed(): void
    {
        mt_srand(29);
        for ($n = 0; $n < 500; $n++) {
            $lines = [];
            for ($line = mt_rand(1, 8); $line > 0; $line--) {
                $lines[$line] = mt_rand(1, 40);
            }
            $most = mt_rand(1, 30);
            $sums = [];
            foreach (Portions::of($lines, $most) as $portion) {
                self::assertLessThanOrEqual($most, array_sum($portion));
                foreach ($portion as $line => $pieces) {
                    self::assertGreaterThan(0, $pieces);
                    $sums[$line] = ($sums[$line] ?? 0) + $pieces;
                }
            }
            ksort($sums);
            ksort($lines);
            self::assertSame($lines, $sums);
            // First fit leaves at most one order half empty.
            self::assertLessThanOrEqual(
                max(1, (int) ceil(2 * array_sum($lines) / $most)),
                count(Portions::of($lines, $most)),
            );
        }
    }
}
