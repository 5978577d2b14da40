<?php

declare(strict_types=1);

namespace WindowStall\Support\Queue;

use Illuminate\Database\Connection;
use PDO;
use PDOException;
use WeakReference;

/** Waits for jobs without asking again and again: the database says when one has come (LISTEN, NOTIFY). */
final class Arrivals
{
    /** Seconds after which it is looked again in any case: for jobs of a worker that never ended. */
    private const LONGEST = 15.0;

    private const DUE = <<<'SQL'
        SELECT min(available_at) - extract(epoch FROM clock_timestamp()) AS seconds
        FROM jobs
        WHERE queue = ANY (?) AND reserved_at IS NULL
        SQL;

    /** @var WeakReference<PDO>|null the line that listens */
    private ?WeakReference $listening = null;

    /** @param  list<string>  $queues */
    public function __construct(private readonly Connection $database, private readonly array $queues)
    {
    }

    /** Returns when a job came into one of the queues, when one that was put off is due, or after some seconds. */
    public function wait(): void
    {
        try {
            $pdo = $this->listen();
            $due = $this->database->scalar(self::DUE, ['{'.implode(',', $this->queues).'}'], useReadPdo: false);
        } catch (PDOException) {
            // The database is away, or restarting.
            sleep(1);

            return;
        }
        $end = microtime(true) + ($due === null ? self::LONGEST : max(0.01, min(self::LONGEST, (float) $due)));
        while (($left = (int) ceil(($end - microtime(true)) * 1_000)) > 0) {
            $came = $pdo->pgsqlGetNotify(PDO::FETCH_ASSOC, $left);
            // Nothing came in that time, or the process was sent a signal.
            if ($came === false || in_array($came['payload'], $this->queues, true)) {
                return;
            }
        }
    }

    private function listen(): PDO
    {
        $pdo = $this->database->getPdo();
        if ($this->listening?->get() !== $pdo) {
            $pdo->exec('LISTEN jobs');
            $this->listening = WeakReference::create($pdo);
        }

        return $pdo;
    }
}
