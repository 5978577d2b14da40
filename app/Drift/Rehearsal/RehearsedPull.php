<?php

declare(strict_types=1);

namespace WindowStall\Drift\Rehearsal;

use WindowStall\Core\Drift\Guards\Weighed;
use WindowStall\Drift\Rules\RuleBook;
use WindowStall\Runs\Run;

/**
 * A pull that was set aside, or would be under other rules.
 *
 * @phpstan-type PullArray array{
 *     connection: int, supplier: string, from: string, to: string, now: string|null, tried: string|null, happened: bool
 * }
 */
final readonly class RehearsedPull
{
    /**
     * @param  string|null  $now  why the rules as they are set it aside; null where they let it through
     * @param  string|null  $tried  and those that are tried
     * @param  bool  $happened  whether it was set aside
     */
    public function __construct(
        public int $connection,
        public string $supplier,
        public string $from,
        public string $to,
        public ?string $now,
        public ?string $tried,
        public bool $happened,
    ) {
    }

    public static function of(
        Run $run,
        string $supplier,
        Weighed $weighed,
        RuleBook $now,
        RuleBook $tried,
    ): self {
        $connection = (int) $run->connection_id;

        return new self(
            connection: $connection,
            supplier: $supplier,
            from: (string) $run->started_at,
            to: (string) ($run->ended_at ?? $run->started_at),
            now: $weighed->trips($now->limits($connection))[0][3] ?? null,
            tried: $weighed->trips($tried->limits($connection))[0][3] ?? null,
            happened: isset($run->subject['suspicions']),
        );
    }

    /** Whether what was said at a time came by it. */
    public function brought(string $at): bool
    {
        return $at >= $this->from && $at <= $this->to;
    }
}
