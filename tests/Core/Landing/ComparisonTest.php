<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Landing;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Landing\Compared;
use WindowStall\Core\Landing\Comparison;
use WindowStall\Core\Money\Money;

final class ComparisonTest extends TestCase
{
    public function test_the_best_of_each_row_is_marked_and_ties_are_shared(): void
    {
        $best = Comparison::best([
            $this->item(800, 5, 40, 1200),
            $this->item(650, 9, 90, 1350),
            $this->item(650, 5, 3, 1350),
        ]);
        self::assertSame(
            [[1, 2], [0, 2], [1], [1, 2]],
            [$best['landed'], $best['days'], $best['stock'], $best['keep']],
        );
    }

    public function test_where_all_are_alike_or_one_alone_speaks_none_is_best(): void
    {
        self::assertSame(
            [],
            Comparison::best([$this->item(800, 5, 40, null), $this->item(800, 5, 40, null)])['landed'],
        );
        self::assertSame(
            [],
            Comparison::best([$this->item(800, 5, 40, null), $this->item(null, null, 0, null)])['landed'],
        );
        self::assertSame(
            [0],
            Comparison::best([$this->item(800, 5, 40, null), $this->item(null, null, 0, null)])['stock'],
        );
    }

    private function item(?int $landed, ?int $days, int $stock, ?int $keep): Compared
    {
        $money = static fn (?int $minor): ?Money => $minor === null ? null : Money::gbp($minor);

        return new Compared($money($landed), $money($landed), $money($landed), $days, $stock, 1, null, $money($keep));
    }
}
