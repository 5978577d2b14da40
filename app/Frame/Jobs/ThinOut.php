<?php

declare(strict_types=1);

namespace WindowStall\Frame\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;

/** Throws away what is older than it is kept (config/kept.php): some of each kind every hour, in small statements. */
final class ThinOut implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    /** Rows that one statement throws away. */
    private const AT_ONCE = 2_000;

    /** Seconds after which the rest is left to the next hour. */
    private const PATIENCE = 30.0;

    public int $tries = 1;

    public int $timeout = 60;

    public int $uniqueFor = 60;

    public function handle(): void
    {
        $end = microtime(true) + self::PATIENCE;
        $waiting = (array) config('kept');
        // One statement of each in turn: a kind that grew very long keeps none of the others waiting.
        while ($waiting !== [] && microtime(true) < $end) {
            foreach ($waiting as $table => $days) {
                if (self::thin((string) $table, (int) $days) < self::AT_ONCE) {
                    unset($waiting[$table]);
                }
            }
        }
    }

    /** @return int how many rows are gone */
    private static function thin(string $table, int $days): int
    {
        return (int) DB::scalar(sprintf('SELECT thin_%s(?, ?)', $table), [now()->subDays($days), self::AT_ONCE]);
    }
}
