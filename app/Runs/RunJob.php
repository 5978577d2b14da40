<?php

declare(strict_types=1);

namespace WindowStall\Runs;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/**
 * The job that does a run. A run is performed once however often its job is started, so a job that got lost can be set
 * again.
 */
abstract class RunJob implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    /** Seconds; the worker ends whatever takes longer. */
    public int $timeout = 1800;

    final public function __construct(public int $runId)
    {
        $this->onQueue(static::queueName());
    }

    /** The queue it waits in. */
    abstract protected static function queueName(): string;

    /** Whether it may begin again from the start by itself when whoever did it broke off. */
    public static function repeats(): bool
    {
        return true;
    }

    /** The worker gave it up: it took too long, or was started too often. */
    public function failed(?Throwable $e): void
    {
        $run = Run::query()->find($this->runId);
        if ($run !== null && $run->end(RunState::Failed, 'This took too long and was ended. Start it again.')) {
            $this->givenUp($run, (string) $run->trouble);
        }
    }

    /** Told when the run has ended without its work being done. */
    public function givenUp(Run $run, string $why): void
    {
    }
}
