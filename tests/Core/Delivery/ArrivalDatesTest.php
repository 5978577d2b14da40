<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Delivery;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\ArrivalDates;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Delivery\WorkCalendar;

final class ArrivalDatesTest extends TestCase
{
    /**
     * Worked out by hand with a calendar of 2026; Christmas Day is a Friday.
     *
     * @param  array{int, int}  $packing
     * @param  array{int, int}  $transit
     */
    #[TestWith(['2026-12-07 10:00', '14:00', [0, 0], [1, 1], 'Tuesday 8 December'])]
    #[TestWith(['2026-12-07 14:00', '14:00', [0, 0], [1, 1], 'Wednesday 9 December'])]
    #[TestWith(['2026-12-07 13:59', '14:00', [0, 0], [1, 1], 'Tuesday 8 December'])]
    #[TestWith(['2026-12-07 23:59', null, [0, 0], [1, 1], 'Tuesday 8 December'])]
    #[TestWith(['2026-12-07 10:00', '14:00', [0, 1], [2, 4], 'Wednesday 9 to Monday 14 December'])]
    #[TestWith(['2026-12-07 10:00', '14:00', [1, 3], [3, 5], 'Friday 11 to Thursday 17 December'])]
    #[TestWith(['2026-12-11 15:00', '14:00', [0, 0], [1, 2], 'Tuesday 15 to Wednesday 16 December'])]
    #[TestWith(['2026-12-12 09:00', '14:00', [0, 0], [1, 1], 'Tuesday 15 December'])]
    #[TestWith(['2026-12-12 23:00', '14:00', [0, 0], [1, 1], 'Tuesday 15 December'])]
    #[TestWith(['2026-12-24 15:00', '14:00', [0, 0], [1, 1], 'Wednesday 30 December'])]
    #[TestWith(['2026-12-24 10:00', '14:00', [0, 0], [1, 3], 'Tuesday 29 to Thursday 31 December'])]
    #[TestWith(['2026-12-30 10:00', '14:00', [1, 1], [1, 2], 'Monday 4 to Tuesday 5 January'])]
    #[TestWith(['2026-12-30 10:00', '14:00', [0, 0], [1, 2], 'Thursday 31 December to Monday 4 January'])]
    #[TestWith(['2026-12-07 10:00', '14:00', [0, 0], [0, 0], 'Monday 7 December'])]
    public function test_days_are_counted_as_they_are_worked(
        string $paid,
        ?string $cutOff,
        array $packing,
        array $transit,
        string $there,
    ): void {
        $dates = $this->dates($paid, $cutOff, $packing, $transit, WorkCalendar::of('GB'), WorkCalendar::of('GB'));
        self::assertSame($there, $dates->words());
    }

    public function test_each_end_goes_by_its_own_days(): void
    {
        // St Andrew's Day is a Monday: packed in Bristol that day, nothing is brought in Scotland.
        $dates = $this->dates(
            '2026-11-27 15:20',
            '14:00',
            [0, 0],
            [1, 2],
            WorkCalendar::of('GB'),
            WorkCalendar::of('GB', 'GB-SCT'),
        );
        self::assertSame('Wednesday 2 to Thursday 3 December', $dates->words());
        self::assertSame([
            'Paid after 14:00, so it is packed and posted on Monday 30 November, and travels 1 to 2 working days.',
            'Monday 30 November doesn’t count where it goes.',
        ], $dates->reasons);
    }

    public function test_holidays_of_who_packs_hold_it_up_and_are_said(): void
    {
        $closed = WorkCalendar::of('GB', closed: [['2026-12-08', '2026-12-09']]);
        $dates = $this->dates('2026-12-07 16:00', '14:00', [0, 1], [1, 1], $closed, WorkCalendar::of('GB'));
        self::assertSame('Friday 11 to Monday 14 December', $dates->words());
        self::assertSame([
            'Paid after 14:00, so it is packed from Thursday 10 December and posted by Friday 11 December, and travels '.
                '1 working day.',
            'Tuesday 8 December is a day off for who packs it.',
            'Wednesday 9 December is a day off for who packs it.',
        ], $dates->reasons);
    }

    /** Whoever pays later, or has it packed or carried for longer, never has it earlier. */
    public function test_later_is_never_earlier(): void
    {
        mt_srand(30);
        $places = [WorkCalendar::of('GB', 'GB-SCT'), WorkCalendar::of('IE'), WorkCalendar::of('CN'), WorkCalendar::of('DE', 'DE-BY')];
        for ($n = 0; $n < 3_000; $n++) {
            $paid = (new DateTimeImmutable('2026-01-01'))->modify('+'.mt_rand(0, 500_000).' minutes');
            /** @var array{int, int} $packing */
            $packing = [mt_rand(0, 2), mt_rand(2, 5)];
            $transit = [mt_rand(0, 4), mt_rand(4, 20)];
            [$packs, $place] = [$places[mt_rand(0, 3)], $places[mt_rand(0, 3)]];
            $dates = $this->dates($paid->format('Y-m-d H:i'), '14:00', $packing, $transit, $packs, $place);
            $later = $paid->modify('+'.mt_rand(0, 4_000).' minutes')->format('Y-m-d H:i');
            $longer = [$packing[0] + mt_rand(0, 1), $packing[1] + 1];
            $other = $this->dates($later, '14:00', $longer, $transit, $packs, $place);

            self::assertTrue($place->isWorking($dates->earliest) && $place->isWorking($dates->latest));
            self::assertLessThanOrEqual($dates->latest, $dates->earliest);
            self::assertGreaterThanOrEqual($dates->earliest, $other->earliest);
            self::assertGreaterThanOrEqual($dates->latest, $other->latest);
        }
    }

    /**
     * @param  array{int, int}  $packing
     * @param  array{int, int}  $transit
     */
    private function dates(
        string $paid,
        ?string $cutOff,
        array $packing,
        array $transit,
        WorkCalendar $packs,
        WorkCalendar $place,
    ): ArrivalDates {
        return ArrivalDates::of(
            new DateTimeImmutable($paid),
            $cutOff,
            new DayRange(...$packing),
            new DayRange(...$transit),
            $packs,
            $place,
        );
    }
}
