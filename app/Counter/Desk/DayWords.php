<?php

declare(strict_types=1);

namespace WindowStall\Counter\Desk;

use DateTimeImmutable;
use WindowStall\Stall\Stall;

/** Days as a sentence at the counter has them. */
final class DayWords
{
    /** "today", "tomorrow", "Thursday", "9 December"; by the stall's clock. */
    public static function near(Stall $stall, string $day): string
    {
        $today = new DateTimeImmutable(\WindowStall\Stall\Clock::of($stall)->today());
        $that = new DateTimeImmutable($day);
        $days = (int) $today->diff($that)->format('%r%a');

        return match (true) {
            $days === 0 => 'today',
            $days === 1 => 'tomorrow',
            $days === -1 => 'yesterday',
            $days > 1 && $days < 7 => $that->format('l'),
            default => $that->format('j F'),
        };
    }

    /** "5 days late", "as promised", "2 days early"; "" where nothing was promised. */
    public static function against(?string $promised, string $by): string
    {
        if ($promised === null) {
            return '';
        }
        $days = (int) (new DateTimeImmutable($promised))->diff(new DateTimeImmutable($by))->format('%r%a');

        return match (true) {
            $days <= 0 => 'as promised',
            $days === 1 => 'a day late',
            default => $days.' days late',
        };
    }

    public static function count(int $days): string
    {
        return $days === 1 ? 'a day' : $days.' days';
    }
}
