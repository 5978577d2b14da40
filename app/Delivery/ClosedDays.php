<?php

declare(strict_types=1);

namespace WindowStall\Delivery;

/** Days off as a person types them: "2026-12-24 to 2026-12-27, 2027-01-01". */
final class ClosedDays
{
    private const MOST = 60;

    /** @return list<array{string, string}>|null from and to, both included; null where they can't be read */
    public static function read(string $typed): ?array
    {
        $spans = [];
        foreach (array_filter(array_map(trim(...), preg_split('/[,;\n]+/u', $typed) ?: [])) as $part) {
            if (preg_match('/^(\d{4}-\d\d-\d\d)(?:\s*(?:to|[-–—])\s*(\d{4}-\d\d-\d\d))?$/u', $part, $days) !== 1) {
                return null;
            }
            $from = $days[1];
            $to = $days[2] ?? $from;
            if (! self::isDay($from) || ! self::isDay($to) || $from > $to) {
                return null;
            }
            $spans[] = [$from, $to];
        }

        return count($spans) > self::MOST ? null : $spans;
    }

    private static function isDay(string $day): bool
    {
        [$year, $month, $date] = array_map(intval(...), explode('-', $day));

        return checkdate($month, $date, $year);
    }
}
