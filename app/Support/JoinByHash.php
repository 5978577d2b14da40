<?php

declare(strict_types=1);

namespace WindowStall\Support;

use Illuminate\Support\Facades\DB;

/**
 * Has the database join by hashing and sorting. What was just moved by the ten thousand isn't in its figures yet: it
 * takes them for one row, and would compare each with each.
 */
final class JoinByHash
{
    /**
     * @template T
     *
     * @param  callable(): T  $do
     * @return T
     */
    public static function within(callable $do): mixed
    {
        return DB::transaction(static function () use ($do): mixed {
            // Only costs are changed: where there is no other way, as for a function of each row, loops stay.
            DB::statement('SET LOCAL enable_nestloop = off');
            $done = $do();
            DB::statement('SET LOCAL enable_nestloop = on');

            return $done;
        });
    }
}
