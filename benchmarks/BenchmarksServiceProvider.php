<?php

declare(strict_types=1);

namespace WindowStall\Benchmarks;

use Illuminate\Support\ServiceProvider;

/** Brings in what bin/bench calls, where the program runs with its stand-ins. */
final class BenchmarksServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        if ((bool) config('stall.standins.run')) {
            $this->commands([
                RunBench::class,
                RunCounterBench::class,
                RunCrowdBench::class,
                RunDriftBench::class,
                RunLargeBench::class,
                RunPagesBench::class,
                RunPrintBench::class,
                RunQuotesBench::class,
                RunRestBench::class,
                RunShelfBench::class,
            ]);
        }
    }
}
