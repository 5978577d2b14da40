<?php

declare(strict_types=1);

namespace WindowStall\Support;

use Illuminate\Support\Facades\DB;

/**
 * What follows from a change once it is committed, such as filling shelves, is done once for all changes of one piece of
 * work. Whoever is killed meanwhile leaves what was noted with the changes to those who look for it.
 */
final class Together
{
    private static int $depth = 0;

    /** @var array<string, callable(): mixed> */
    private static array $waiting = [];

    /**
     * @template T
     *
     * @param  callable(): T  $do
     * @return T
     */
    public static function do(callable $do): mixed
    {
        self::$depth++;
        try {
            return $do();
        } finally {
            if (--self::$depth === 0) {
                $waiting = self::$waiting;
                self::$waiting = [];
                array_walk($waiting, static fn (callable $work) => DB::afterCommit($work));
            }
        }
    }

    /**
     * Does something once what is written now is committed, and the piece of work it is part of is done.
     *
     * @param  string  $what  the same for what comes to the same
     * @param  callable(): mixed  $work
     */
    public static function afterwards(string $what, callable $work): void
    {
        if (self::$depth > 0) {
            self::$waiting[$what] ??= $work;
        } else {
            DB::afterCommit($work);
        }
    }
}
