<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery;

use DateTimeImmutable;

/**
 * On which days somebody works or a parcel moves: Monday to Friday, but for a country's public holidays, those of a part of
 * it, and days of one's own. Holidays are known for the years in holidays.php; before and after, only weekends count.
 */
final class WorkCalendar
{
    private const SATURDAY = 6;

    /** More working days ahead than this are more than a promise can hold. */
    private const MOST_AHEAD = 400;

    /** @var array<string, array<int, string>>|null country or part → year → days */
    private static ?array $table = null;

    /** @var array<string, array<int, array<array-key, bool>>> country and part → its holidays */
    private static array $read = [];

    /**
     * @param  array<int, array<array-key, bool>>  $holidays  year → MMDD → whether it is one
     * @param  list<array{string, string}>  $closed  from and to, both included, as YYYY-MM-DD
     */
    private function __construct(private readonly array $holidays, private readonly array $closed)
    {
    }

    /**
     * @param  string  $country  ISO 3166-1
     * @param  string|null  $part  ISO 3166-2; where none is named, what most parts have counts
     * @param  list<array{string, string}>  $closed  days of one's own off: from and to, both included, as YYYY-MM-DD
     */
    public static function of(string $country, ?string $part = null, array $closed = []): self
    {
        return new self(self::$read[$country.' '.$part] ??= self::holidays($country, $part), $closed);
    }

    /** @return array<int, array<array-key, bool>> year → MMDD → whether it is one */
    private static function holidays(string $country, ?string $part): array
    {
        $holidays = [];
        foreach ([$country, ...($part === null ? [] : [$part])] as $where) {
            foreach (self::table()[$where] ?? [] as $year => $days) {
                $here = $holidays[$year] ?? [];
                foreach (explode(' ', $days) as $day) {
                    $here[ltrim($day, '-')] = $day[0] !== '-';
                }
                $holidays[$year] = $here;
            }
        }

        return $holidays;
    }

    public function isWorking(DateTimeImmutable $day): bool
    {
        return (int) $day->format('N') < self::SATURDAY && ! $this->isOff($day);
    }

    /** Whether it would be a working day, but for a holiday or a day off. */
    public function isOff(DateTimeImmutable $day): bool
    {
        $date = $day->format('Y-m-d');
        foreach ($this->closed as [$from, $to]) {
            if ($date >= $from && $date <= $to) {
                return true;
            }
        }

        return $this->holidays[(int) $day->format('Y')][$day->format('md')] ?? false;
    }

    /**
     * The day that lies so many working days after another; nought working days after a Saturday is the Monday.
     *
     * @param  int  $count  working days
     */
    public function after(DateTimeImmutable $day, int $count): DateTimeImmutable
    {
        $day = $this->from($day);
        for ($left = min($count, self::MOST_AHEAD); $left > 0; $left--) {
            $day = $this->from($day->modify('+1 day'));
        }

        return $day;
    }

    /** That day, or the next one that is worked on. */
    private function from(DateTimeImmutable $day): DateTimeImmutable
    {
        for ($ahead = 0; ! $this->isWorking($day) && $ahead < self::MOST_AHEAD; $ahead++) {
            $day = $day->modify('+1 day');
        }

        return $day;
    }

    /** @return array<string, array<int, string>> */
    private static function table(): array
    {
        /** @var array<string, array<int, string>> $kept */
        $kept = self::$table ?? require __DIR__.'/holidays.php';

        return self::$table = $kept;
    }
}
