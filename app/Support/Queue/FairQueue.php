<?php

declare(strict_types=1);

namespace WindowStall\Support\Queue;

use Illuminate\Database\Connection;
use Illuminate\Queue\DatabaseQueue;
use Illuminate\Queue\Jobs\DatabaseJobRecord;

/**
 * The database's queue, taken stall by stall, turn and turn about: whoever sets very many jobs makes the others wait for
 * one of them, not for all. Within a stall jobs are taken in the order in which they came.
 */
final class FairQueue extends DatabaseQueue
{
    private const NEXT = <<<'SQL'
        SELECT job.*
        FROM jobs AS job
        LEFT JOIN queue_turns AS turn ON turn.queue = job.queue AND turn.turn_of = job.turn_of
        WHERE job.queue = :queue
          AND ((job.reserved_at IS NULL AND job.available_at <= :now) OR job.reserved_at <= :expired)
        ORDER BY turn.taken_at NULLS FIRST, job.id
        LIMIT 1
        FOR UPDATE OF job SKIP LOCKED
        SQL;

    private const TURN = <<<'SQL'
        INSERT INTO queue_turns (queue, turn_of, taken_at)
        VALUES (:queue, :of, clock_timestamp())
        ON CONFLICT (queue, turn_of) DO UPDATE SET taken_at = excluded.taken_at
        SQL;

    /**
     * @param  int  $retryAfter  seconds after which a job that was taken and never ended is handed out again
     * @param  array<string, int>  $retryAfterOf  the same for single queues, by name
     */
    public function __construct(
        Connection $database,
        string $default,
        int $retryAfter,
        bool $afterCommit,
        private readonly array $retryAfterOf,
    ) {
        parent::__construct($database, 'jobs', $default, $retryAfter, $afterCommit);
    }

    /** @param  string|null  $queue */
    protected function getNextAvailableJob($queue): ?DatabaseJobRecord
    {
        $name = $this->getQueue($queue);
        $now = $this->currentTime();
        $job = $this->database->selectOne(self::NEXT, [
            'queue' => $name,
            'now' => $now,
            'expired' => $now - ($this->retryAfterOf[$name] ?? (int) $this->retryAfter),
        ], useReadPdo: false);
        if ($job === null) {
            return null;
        }
        $this->database->statement(self::TURN, ['queue' => $name, 'of' => $job->turn_of]);

        return new DatabaseJobRecord($job);
    }
}
