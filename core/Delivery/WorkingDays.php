<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery;

/** Counts working days, Monday to Friday; public holidays are left out of account. */
final class WorkingDays
{
    /**
     * The day that lies so many working days after another; nought working days after a Saturday is the Monday.
     *
     * @param  int  $count  working days
     */
    public static function after(\DateTimeImmutable $day, int $count): \DateTimeImmutable
    {
        while (self::weekend($day)) {
            $day = $day->modify('+1 day');
        }
        for ($left = $count; $left > 0; $left--) {
            do {
                $day = $day->modify('+1 day');
            } while (self::weekend($day));
        }

        return $day;
    }

    private static function weekend(\DateTimeImmutable $day): bool
    {
        return (int) $day->format('N') > 5;
    }
}
