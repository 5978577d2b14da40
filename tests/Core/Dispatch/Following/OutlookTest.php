<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Dispatch\Following;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Dispatch\Following\Outlook;
use WindowStall\Core\Dispatch\Following\TimesTaken;

/** When a parcel is there, told from those before it, against figures worked out by hand. */
final class OutlookTest extends TestCase
{
    private const DAY = 86_400;

    #[TestWith([1, 2])]
    #[TestWith([10, 2])]
    #[TestWith([11, 2])]
    #[TestWith([50, 4])]
    #[TestWith([51, 5])]
    #[TestWith([90, 9])]
    #[TestWith([100, 14])]
    public function test_a_quantile_is_the_smallest_time_that_reaches_the_share(int $percent, int $days): void
    {
        self::assertSame($days * self::DAY, self::taken(9, 3, 14, 2, 4, 5, 2, 3, 6, 8)->quantile($percent));
    }

    public function test_seven_in_ten_that_stood_so_long_came_late_by_two_days_in_the_middle(): void
    {
        // Posted on the 1st, promised until the end of the 5th, looked at at noon of the 4th: those that took over 3.5 days
        // count; 4, 4.9 and 5 days are in time.
        $outlook = $this->at('2026-12-04 12:00', new TimesTaken(array_map(
            static fn (float $days): int => (int) ($days * self::DAY),
            [2, 3, 3.4, 4, 4.9, 5, 6, 6, 6.5, 7, 8, 9, 9.5],
        )));
        self::assertSame(
            [false, true, 10, 7, 7, 2],
            [$outlook->late, $outlook->likely, $outlook->known, $outlook->lateOnes, $outlook->inTen(), $outlook->lateBy],
        );
        self::assertSame('2026-12-07 00:00', $outlook->by?->format('Y-m-d H:i'));
    }

    public function test_what_mostly_comes_in_time_is_not_called_late(): void
    {
        $outlook = $this->at('2026-12-02 00:00', self::taken(2, 2, 3, 3, 4, 6, 7));
        self::assertSame([false, false, 7, 2], [$outlook->late, $outlook->likely, $outlook->known, $outlook->lateOnes]);
    }

    public function test_past_its_promise_it_is_late_whatever_is_on_record(): void
    {
        $outlook = $this->at('2026-12-06 00:01', new TimesTaken([]));
        self::assertSame([true, false, 0, null], [$outlook->late, $outlook->likely, $outlook->inTen(), $outlook->by]);
        self::assertFalse($this->at('2026-12-05 23:59', new TimesTaken([]))->late);
    }

    public function test_few_on_record_or_none_that_took_so_long_tell_nothing(): void
    {
        self::assertFalse($this->at('2026-12-04 00:00', self::taken(9, 9, 9, 9))->likely, 'four are too few');
        $outlook = $this->at('2026-12-05 00:00', self::taken(2, 2, 2, 3, 3));
        self::assertSame([false, null], [$outlook->likely, $outlook->by]);
    }

    private static function taken(int ...$days): TimesTaken
    {
        return new TimesTaken(array_map(static fn (int $one): int => $one * self::DAY, array_values($days)));
    }

    private function at(string $now, TimesTaken $like): Outlook
    {
        return Outlook::of(
            new DateTimeImmutable('2026-12-01 00:00'),
            new DateTimeImmutable('2026-12-06 00:00'),
            new DateTimeImmutable($now),
            $like,
        );
    }
}
