<?php

declare(strict_types=1);

namespace WindowStall\Support\Queue;

use Illuminate\Queue\Worker;
use Illuminate\Queue\WorkerOptions;

/** A worker that rests until a job comes, where its queue can tell it. */
final class ListeningWorker extends Worker
{
    private ?Arrivals $arrivals = null;

    public static function inPlaceOf(Worker $worker): self
    {
        return new self(
            $worker->manager,
            $worker->events,
            $worker->exceptions,
            $worker->isDownForMaintenance,
            $worker->resetScope,
        );
    }

    /**
     * @param  string  $connectionName
     * @param  string  $queue
     */
    public function daemon($connectionName, $queue, WorkerOptions $options): int
    {
        $jobs = $this->manager->connection($connectionName);
        if ($jobs instanceof FairQueue) {
            $this->arrivals = new Arrivals($jobs->getDatabase(), explode(',', $queue));
        }

        return parent::daemon($connectionName, $queue, $options);
    }

    /** @param  int|float  $seconds */
    public function sleep($seconds): void
    {
        $this->arrivals === null ? parent::sleep($seconds) : $this->arrivals->wait();
    }
}
