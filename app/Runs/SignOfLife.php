<?php

declare(strict_types=1);

namespace WindowStall\Runs;

use Illuminate\Support\Facades\DB;

/**
 * Shows that whoever does a run is alive even while a long statement keeps it from saying so: a lock of its database
 * session, which ends by itself when the process does, however it does.
 */
final readonly class SignOfLife
{
    /** The first of the two numbers of PostgreSQL's advisory lock; the second is the run's. */
    private const RUNS = 5_404;

    private function __construct(private int $run)
    {
    }

    public static function of(Run $run): self
    {
        DB::select('SELECT pg_advisory_lock(?, ?)', [self::RUNS, self::number($run)]);

        return new self(self::number($run));
    }

    public static function gone(Run $run): bool
    {
        $free = (bool) DB::scalar('SELECT pg_try_advisory_lock(?, ?)', [self::RUNS, self::number($run)]);
        if ($free) {
            (new self(self::number($run)))->end();
        }

        return $free;
    }

    public function end(): void
    {
        DB::select('SELECT pg_advisory_unlock(?, ?)', [self::RUNS, $this->run]);
    }

    /**
     * Advisory locks take whole numbers of 32 bits; two runs that are a multiple of two billion apart never stand open
     * together.
     */
    private static function number(Run $run): int
    {
        return $run->id % 2_147_483_647;
    }
}
