<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Dispatch\Owed;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Dispatch\Owed\BalanceOutlook;
use WindowStall\Core\Money\Money;

/** How long a balance lasts. */
final class BalanceOutlookTest extends TestCase
{
    /**
     * @param  non-empty-list<int>  $spent
     * @param  array{int, int, int|null, bool}  $comes  free, a day, days, short
     */
    #[TestWith([10_000, 0, [1_000, 1_000], [10_000, 1_000, 10, false]], 'ten days')]
    #[TestWith([10_000, 7_500, [1_000], [2_500, 1_000, 2, true]], 'what waits comes off first: two and a half')]
    #[TestWith([3_000, 0, [1_000], [3_000, 1_000, 3, false]], 'as long as it must last is enough')]
    #[TestWith([2_999, 0, [1_000], [2_999, 1_000, 2, true]], 'a penny less is not')]
    #[TestWith([500, 700, [0], [-200, 0, 0, true]], 'not enough for what waits')]
    #[TestWith([500, 0, [0, 0], [500, 0, null, false]], 'nothing is spent')]
    #[TestWith([10_000, 0, [0, 0, 0, 0, 0, 0, 0, 2_000, 2_000, 2_000, 2_000, 2_000, 2_000, 2_000], [10_000, 2_000, 5, false]],
        'trade has picked up: the last seven days count')]
    #[TestWith([10_000, 0, [2_000, 2_000, 2_000, 2_000, 2_000, 2_000, 2_000, 0, 0, 0, 0, 0, 0, 0], [10_000, 1_000, 10, false]],
        'a quiet week makes nobody careless: all of them count')]
    #[TestWith([100, 0, [1, 0], [100, 1, 100, false]], 'half a penny a day is rounded up')]
    public function test_it_lasts_as_long_as_what_days_take(int $balance, int $waiting, array $spent, array $comes): void
    {
        $outlook = BalanceOutlook::of(Money::of($balance, 'GBP'), Money::of($waiting, 'GBP'), $spent, 3);
        self::assertSame($comes, [$outlook->free->minor, $outlook->aDay->minor, $outlook->days, $outlook->short]);
    }
}
