<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery;

use DateTimeImmutable;

/**
 * Between which days a parcel is there. Who packs it begins on the day of the order, or on the next working day after the
 * hour up to which that is done; packing takes working days of theirs, the way to the door those of the place.
 */
final readonly class ArrivalDates
{
    /**
     * @param  DateTimeImmutable  $posted  the last day on which it is handed over
     * @param  list<string>  $reasons  sentences, in the order in which they count
     */
    private function __construct(
        public DateTimeImmutable $posted,
        public DateTimeImmutable $earliest,
        public DateTimeImmutable $latest,
        public array $reasons,
    ) {
    }

    /**
     * @param  DateTimeImmutable  $paid  by the clock of who packs
     * @param  string|null  $cutOff  "14:00": what is paid then or later waits for the next day; null for no such hour
     * @param  DayRange  $packing  working days from there until it is handed over
     * @param  DayRange  $transit  working days from there to the door
     */
    public static function of(
        DateTimeImmutable $paid,
        ?string $cutOff,
        DayRange $packing,
        DayRange $transit,
        WorkCalendar $packs,
        WorkCalendar $place,
    ): self {
        $late = $cutOff !== null && $packs->isWorking($paid) && $paid->format('H:i') >= $cutOff;
        $begun = $packs->after($late ? $paid->modify('+1 day') : $paid, 0)->setTime(0, 0);
        [$first, $last] = [$packs->after($begun, $packing->min), $packs->after($begun, $packing->max)];
        [$earliest, $latest] = [$place->after($first, $transit->min), $place->after($last, $transit->max)];

        return new self($last, $earliest, $latest, [
            sprintf(
                '%s, so it is packed %s, and travels %s.',
                match (true) {
                    $late => 'Paid after '.$cutOff,
                    $begun->format('Y-m-d') !== $paid->format('Y-m-d') => 'Paid on '.self::day($paid),
                    default => $cutOff === null ? 'Paid' : 'Paid before '.$cutOff,
                },
                $begun == $last
                    ? 'and posted on '.self::day($begun)
                    : sprintf('from %s and posted by %s', self::day($begun), self::day($last)),
                self::workingDays($transit),
            ),
            ...self::daysOff($paid, $last, $packs, '%s is a day off for who packs it.'),
            ...self::daysOff($first, $latest, $place, '%s doesn’t count where it goes.'),
        ]);
    }

    public function words(): string
    {
        return self::between($this->earliest, $this->latest);
    }

    /** "Monday 7 to Wednesday 9 December", "Thursday 31 December to Monday 4 January", "Monday 7 December". */
    public static function between(DateTimeImmutable $earliest, DateTimeImmutable $latest): string
    {
        if ($earliest == $latest) {
            return self::day($latest);
        }
        $same = $earliest->format('Y-m') === $latest->format('Y-m');

        return $earliest->format($same ? 'l j' : 'l j F').' to '.self::day($latest);
    }

    private static function day(DateTimeImmutable $day): string
    {
        return $day->format('l j F');
    }

    private static function workingDays(DayRange $range): string
    {
        return $range->max === 0 ? 'no day more' : preg_replace('/ (days?)$/', ' working $1', $range->words()) ?? '';
    }

    /** @return list<string> for each weekday between two that isn't worked on */
    private static function daysOff(DateTimeImmutable $from, DateTimeImmutable $to, WorkCalendar $calendar, string $say): array
    {
        $off = [];
        for ($day = $from->setTime(0, 0); $day <= $to; $day = $day->modify('+1 day')) {
            if ((int) $day->format('N') < 6 && $calendar->isOff($day)) {
                $off[] = sprintf($say, self::day($day));
            }
        }

        return $off;
    }
}
