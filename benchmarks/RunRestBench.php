<?php

declare(strict_types=1);

namespace WindowStall\Benchmarks;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use WindowStall\Support\Refusal;

/** Measures what the program uses while nobody uses it, and how soon work is begun that comes then. */
final class RunRestBench extends Command
{
    protected $signature = 'bench:rest {--seconds=60}';

    protected $description = 'Print what the resting program uses';

    private const JOBS = 40;

    /** Seconds. */
    private const PATIENCE = 20;

    /** Clock ticks a second in /proc, as Linux has it on every machine. */
    private const TICKS = 100;

    public function handle(): int
    {
        // Whatever was set before is done first.
        for ($n = 0; $n < 300 && DB::table('jobs')->where('available_at', '<=', time())->exists(); $n++) {
            usleep(200_000);
        }
        $seconds = max(1, (int) $this->option('seconds'));
        $before = $this->ticks();
        sleep($seconds);
        $used = 0;
        foreach ($this->ticks() as $process => $ticks) {
            $used += $ticks - ($before[$process] ?? 0);
        }
        $this->line('The resting program: every process of it, with its part of PostgreSQL');
        $this->line(sprintf('  %-44s %6.2f%%', 'of one core', 100 * $used / self::TICKS / $seconds));
        $waits = $this->waits();
        $this->line(sprintf('  %-44s %6.0f ms', 'from a job’s coming to its begin, median', $waits[intdiv(count($waits), 2)]));
        $this->line(sprintf('  %-44s %6.0f ms', '95th percentile', $waits[(int) (count($waits) * 0.95)]));

        return self::SUCCESS;
    }

    /** @return list<float> milliseconds, shortest first */
    private function waits(): array
    {
        $waits = [];
        for ($n = 0; $n < self::JOBS; $n++) {
            $note = 'bench.begin.'.bin2hex(random_bytes(6));
            usleep(random_int(50_000, 400_000));
            $set = microtime(true);
            dispatch(new BeginTold($note));
            while (! is_float($begun = Cache::get($note))) {
                if (microtime(true) - $set > self::PATIENCE) {
                    throw new Refusal('No worker takes a job of the default queue.');
                }
                usleep(2_000);
            }
            $waits[] = ($begun - $set) * 1_000;
        }
        sort($waits);

        return $waits;
    }

    /** @return array<string, int> process → ticks it has used, with those of its children that have ended */
    private function ticks(): array
    {
        $instance = (string) getenv('WINDOW_STALL_INSTANCE');
        $ticks = [];
        foreach (glob('/proc/[0-9]*') ?: [] as $process) {
            $line = (string) @file_get_contents($process.'/cmdline');
            $ours = str_contains((string) @file_get_contents($process.'/environ'), "WINDOW_STALL_INSTANCE=$instance\0") ||
                str_contains($line, 'window_stall_'.$instance);
            $stat = @file_get_contents($process.'/stat');
            if ($ours && is_string($stat) && (int) basename($process) !== getmypid()) {
                // What stands in brackets is the name and may hold anything (proc(5)).
                $fields = explode(' ', substr($stat, (int) strrpos($stat, ')') + 2));
                $ticks[basename($process)] = (int) array_sum(array_slice($fields, 11, 4));
            }
        }

        return $ticks;
    }
}
