<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch;

use DateTimeImmutable;

/** Until when something more may be laid into the parcel of an order: as long as both its stall and its supplier wait. */
final class Joining
{
    /** The longest that a stall may offer it; minutes. */
    public const MOST_MINUTES = 120;

    /**
     * @param  int  $minutes  after it was paid; none where it is never offered
     * @param  DateTimeImmutable|null  $waits  until when the supplier does; null where it doesn't
     * @return DateTimeImmutable|null null where it isn't offered any more
     */
    public static function until(
        DateTimeImmutable $paid,
        int $minutes,
        ?DateTimeImmutable $waits,
        DateTimeImmutable $now,
    ): ?DateTimeImmutable {
        if ($minutes <= 0 || $waits === null) {
            return null;
        }
        $until = min($paid->setTimestamp($paid->getTimestamp() + 60 * $minutes), $waits);

        return $until > $now ? $until : null;
    }
}
