<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use Illuminate\Support\Carbon;
use WindowStall\Stall\Clock;

/** Whether something that shows from one day until another shows today, by the stall's clock; open ends are empty. */
final class ShownPeriod
{
    public static function within(string $from, string $until): bool
    {
        $today = Clock::here()->today();

        return ($from === '' || $from <= $today) && ($until === '' || $today <= $until);
    }

    /**
     * When what is shown changes next by itself.
     *
     * @param  list<array{string, string}>  $spans  from and until, days or empty
     */
    public static function next(array $spans): ?Carbon
    {
        $clock = Clock::here();
        $turns = [];
        foreach ($spans as [$from, $until]) {
            $turns[] = $from === '' ? null : $clock->begins($from);
            $turns[] = $until === '' ? null : $clock->begins(Carbon::parse($until)->addDay()->toDateString());
        }
        $coming = array_filter($turns, static fn (?Carbon $turn): bool => $turn !== null && $turn->isFuture());

        return $coming === [] ? null : min($coming);
    }
}
