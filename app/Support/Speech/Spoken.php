<?php

declare(strict_types=1);

namespace WindowStall\Support\Speech;

use DateTimeImmutable;
use DateTimeInterface;
use IntlDateFormatter;
use NumberFormatter;
use Symfony\Component\Intl\Countries;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Words\Country;

/** Dates, spans, shares, weights, countries and lists as the language that is being spoken says them. */
final class Spoken
{
    /** "Monday 7 to Wednesday 9 December", "Thursday 31 December to Monday 4 January", "Monday 7 December". */
    public static function between(DateTimeInterface $earliest, DateTimeInterface $latest): string
    {
        if ($earliest->format('Y-m-d') === $latest->format('Y-m-d')) {
            return self::day($latest);
        }
        $same = $earliest->format('Y-m') === $latest->format('Y-m');

        return Speech::say(
            'dates.between',
            from: self::date($earliest, $same ? 'dates.day_of_month' : 'dates.day'),
            to: self::day($latest),
        );
    }

    /** "Monday 7 December" */
    public static function day(DateTimeInterface $day): string
    {
        return self::date($day, 'dates.day');
    }

    /**
     * "Friday"
     *
     * @param  int  $weekday  1 for Monday, 7 for Sunday (ISO 8601)
     */
    public static function weekday(int $weekday): string
    {
        // 1 January 2024 was a Monday.
        return self::date(new DateTimeImmutable(sprintf('2024-01-%02d', $weekday)), 'dates.weekday');
    }

    /** "Mon 7 Dec" */
    public static function shortDay(DateTimeInterface $day): string
    {
        return self::date($day, 'dates.short_day');
    }

    /** "Mon 7 to Wed 9 Dec", "Wed 30 Dec to Mon 4 Jan", "Mon 7 Dec" */
    public static function shortDays(DateTimeInterface $earliest, DateTimeInterface $latest): string
    {
        return $earliest->format('Y-m-d') === $latest->format('Y-m-d')
            ? self::shortDay($latest)
            : Speech::say(
                'dates.between',
                from: self::date($earliest, $earliest->format('Y-m') === $latest->format('Y-m') ? 'dates.stamp_day' : 'dates.short_day'),
                to: self::shortDay($latest),
            );
    }

    /** "7 December 2026" */
    public static function date(DateTimeInterface $day, string $pattern = 'dates.date'): string
    {
        $formatter = new IntlDateFormatter(
            Speech::locale(),
            IntlDateFormatter::NONE,
            IntlDateFormatter::NONE,
            $day->getTimezone() ?: null,
            IntlDateFormatter::GREGORIAN,
            (string) trans($pattern),
        );

        return (string) $formatter->format($day);
    }

    /** "2 to 4 days", "1 day" */
    public static function days(DayRange $range): string
    {
        return $range->min === $range->max
            ? Speech::say('dates.days', count: $range->max)
            : Speech::say('dates.days_between', from: $range->min, to: $range->max);
    }

    /** "1.9%" */
    public static function percent(Rate $rate): string
    {
        $formatter = new NumberFormatter(Speech::locale(), NumberFormatter::PERCENT);
        $formatter->setAttribute(NumberFormatter::MAX_FRACTION_DIGITS, 4);

        return (string) $formatter->format($rate->millionths / Rate::WHOLE);
    }

    /** "300 g", "1.25 kg": to ten grams from a kilogram on */
    public static function weight(int $grams): string
    {
        $formatter = new NumberFormatter(Speech::locale(), NumberFormatter::DECIMAL);
        $formatter->setAttribute(NumberFormatter::MAX_FRACTION_DIGITS, 2);

        return $grams < 1_000 ? $grams.' g' : $formatter->format($grams / 1_000).' kg';
    }

    /** "640 kB", "12.5 MB": in thousands, as disks have them */
    public static function bytes(int $bytes): string
    {
        $formatter = new NumberFormatter(Speech::locale(), NumberFormatter::DECIMAL);
        $formatter->setAttribute(NumberFormatter::MAX_FRACTION_DIGITS, 1);

        return $bytes < 1_000_000
            ? max(1, intdiv($bytes + 500, 1_000)).' kB'
            : $formatter->format($bytes / 1_000_000).' MB';
    }

    public static function country(string $code): string
    {
        return Countries::exists($code) ? Countries::getName($code, Speech::language()) : $code;
    }

    /** In a sentence, where the language has an article there: "the United Kingdom". */
    public static function countrySaid(string $code): string
    {
        return Speech::language() === 'en' ? Country::said($code, self::country($code)) : self::country($code);
    }

    /** @param  list<string>  $names  "a, b and c" */
    public static function all(array $names): string
    {
        return self::listed('dates.and', $names);
    }

    /** @param  list<string>  $names  "a, b or c" */
    public static function one(array $names): string
    {
        return self::listed('dates.or', $names);
    }

    /** @param  list<string>  $names */
    private static function listed(string $key, array $names): string
    {
        $last = array_pop($names);

        return $names === [] ? (string) $last : Speech::say($key, first: implode(', ', $names), last: (string) $last);
    }
}
