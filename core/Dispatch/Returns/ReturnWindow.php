<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Returns;

use DateTimeImmutable;
use WindowStall\Core\Policies\Withdrawal;

/** Until when something may be sent back: the stall's own days, and no fewer than the law where it went has. */
final class ReturnWindow
{
    /**
     * @param  DateTimeImmutable|null  $there  when the last of it arrived; null while it is on its way
     * @param  int|null  $days  the stall's own; null where it said none
     * @param  string  $country  ISO 3166, where it went
     * @return DateTimeImmutable|null the end of the last day; null where there is no end yet, as it isn't there
     */
    public static function end(?DateTimeImmutable $there, ?int $days, string $country): ?DateTimeImmutable
    {
        $most = max($days ?? 0, Withdrawal::leastDays($country));

        return $there?->modify('+'.$most.' days')->setTime(23, 59, 59);
    }
}
