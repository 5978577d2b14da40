<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use Illuminate\Support\Carbon;

/** Whether something that shows from one day until another shows today, by the program's clock; open ends are empty. */
final class Days
{
    public static function within(string $from, string $until): bool
    {
        $today = Carbon::now()->format('Y-m-d');

        return ($from === '' || $from <= $today) && ($until === '' || $today <= $until);
    }

    /**
     * When what is shown changes next by itself.
     *
     * @param  list<array{string, string}>  $spans  from and until, days or empty
     */
    public static function next(array $spans): ?Carbon
    {
        $turns = [];
        foreach ($spans as [$from, $until]) {
            $turns[] = $from === '' ? null : Carbon::parse($from)->startOfDay();
            $turns[] = $until === '' ? null : Carbon::parse($until)->addDay()->startOfDay();
        }
        $coming = array_filter($turns, static fn (?Carbon $turn): bool => $turn !== null && $turn->isFuture());

        return $coming === [] ? null : min($coming);
    }
}
