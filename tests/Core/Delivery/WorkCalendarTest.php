<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Delivery;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\WorkCalendar;

final class WorkCalendarTest extends TestCase
{
    #[TestWith(['GB', null, '2026-11-24', 0, '2026-11-24'], 'a Tuesday')]
    #[TestWith(['GB', null, '2026-11-24', 3, '2026-11-27'])]
    #[TestWith(['GB', null, '2026-11-24', 4, '2026-11-30'], 'over the weekend')]
    #[TestWith(['GB', 'GB-SCT', '2026-11-24', 4, '2026-12-01'], 'over St Andrew’s Day')]
    #[TestWith(['GB', null, '2026-11-28', 0, '2026-11-30'], 'a Saturday waits for Monday')]
    #[TestWith(['GB', null, '2026-11-28', 1, '2026-12-01'])]
    #[TestWith(['GB', null, '2026-11-24', 22, '2026-12-24'])]
    #[TestWith(['GB', null, '2026-11-24', 23, '2026-12-29'], 'over Christmas and the day instead of Boxing Day')]
    #[TestWith(['GB', null, '2026-08-28', 1, '2026-09-01'], 'most parts have the August holiday')]
    #[TestWith(['GB', 'GB-SCT', '2026-08-28', 1, '2026-08-31'], 'Scotland hasn’t')]
    #[TestWith(['GB', 'GB-SCT', '2026-07-31', 1, '2026-08-04'], 'but has one of its own')]
    #[TestWith(['IE', null, '2026-10-23', 1, '2026-10-27'])]
    #[TestWith(['DE', null, '2026-06-03', 1, '2026-06-04'])]
    #[TestWith(['DE', 'DE-BY', '2026-06-03', 1, '2026-06-05'])]
    #[TestWith(['CN', null, '2026-09-30', 1, '2026-10-05'])]
    #[TestWith(['GB', null, '2036-12-24', 1, '2036-12-25'], 'beyond the years that are known')]
    #[TestWith(['XX', null, '2026-12-24', 1, '2026-12-25'], 'a country that isn’t known')]
    public function test_weekends_and_holidays_are_passed_over(
        string $country,
        ?string $part,
        string $from,
        int $count,
        string $to,
    ): void {
        $after = WorkCalendar::of($country, $part)->after(new DateTimeImmutable($from), $count);
        self::assertSame($to, $after->format('Y-m-d'));
    }

    public function test_days_of_ones_own_are_passed_over(): void
    {
        $calendar = WorkCalendar::of('GB', closed: [['2026-12-01', '2026-12-02'], ['2026-12-04', '2026-12-04']]);
        self::assertSame('2026-12-03', $calendar->after(new DateTimeImmutable('2026-12-01'), 0)->format('Y-m-d'));
        self::assertSame('2026-12-07', $calendar->after(new DateTimeImmutable('2026-12-03'), 1)->format('Y-m-d'));
        self::assertTrue($calendar->isOff(new DateTimeImmutable('2026-12-04 15:00')));
        self::assertFalse($calendar->isOff(new DateTimeImmutable('2026-12-05')), 'a Saturday is none anyhow');
    }

    public function test_who_is_always_closed_is_no_endless_wait(): void
    {
        $never = WorkCalendar::of('GB', closed: [['2000-01-01', '2099-12-31']]);
        self::assertGreaterThan('2027', $never->after(new DateTimeImmutable('2026-12-01'), 3)->format('Y'));
    }

    public function test_every_day_of_the_table_is_one(): void
    {
        $table = require __DIR__.'/../../../core/Delivery/holidays.php';
        self::assertGreaterThan(150, count($table));
        foreach ($table as $where => $years) {
            foreach ($years as $year => $days) {
                self::assertMatchesRegularExpression('/^(-?\d{4}( |$))+$/', $days, (string) $where);
                foreach (explode(' ', $days) as $day) {
                    $md = ltrim($day, '-');
                    self::assertTrue(checkdate((int) substr($md, 0, 2), (int) substr($md, 2), $year), "$where $year $day");
                }
            }
        }
    }
}
