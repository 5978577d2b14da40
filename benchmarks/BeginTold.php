<?php

declare(strict_types=1);

namespace WindowStall\Benchmarks;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Support\Facades\Cache;

/** Notes when a worker began with it, for the bench of speed. */
final class BeginTold implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public function __construct(private readonly string $note)
    {
    }

    public function handle(): void
    {
        Cache::put($this->note, microtime(true), 60);
    }
}
