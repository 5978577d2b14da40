<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Dispatch\Asking;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Dispatch\Asking\AheadOutlook;
use WindowStall\Core\Money\Money;

/** What buying ahead comes to. */
final class AheadOutlookTest extends TestCase
{
    /** @param  array{int, int, int|null, int|null}  $comes  saved, bound, days it lasts, even after so many */
    #[TestWith([400, 300, 100, 0, 28, [10_000, 30_000, 100, 0]], '100 at 1.00 less each; one sells a day')]
    #[TestWith([400, 300, 100, 2_500, 28, [7_500, 32_500, 100, 25]], 'what is paid once is earned back by 25')]
    #[TestWith([400, 300, 100, 2_501, 28, [7_499, 32_501, 100, 26]], 'and a penny more by 26')]
    #[TestWith([400, 300, 10, 2_500, 3, [-1_500, 5_500, 94, 25]], 'too few pieces lose money; 280/3 days, rounded up')]
    #[TestWith([400, 400, 10, 100, 0, [-100, 4_100, null, null]], 'no cheaper, and nothing sells: never')]
    #[TestWith([400, 450, 10, 0, 1, [-500, 4_500, 280, null]], 'dearer')]
    public function test_it_says_what_is_saved_tied_up_and_how_long_it_lasts(
        int $now,
        int $offered,
        int $pieces,
        int $once,
        int $sold,
        array $comes,
    ): void {
        $gbp = static fn (int $minor): Money => Money::of($minor, 'GBP');
        $outlook = AheadOutlook::of($gbp($now), $gbp($offered), $pieces, $gbp($once), $sold, 28);
        self::assertSame($comes, [$outlook->saves->minor, $outlook->bound->minor, $outlook->lasts, $outlook->even]);
    }
}
