<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

use WindowStall\Runs\Run;
use WindowStall\Runs\RunKind;
use WindowStall\Runs\RunState;
use WindowStall\Source\Jobs\LookAtFeed;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\User;

/** Has the first rows of a supplier's file read in the background: a file that drips in holds nobody's request up. */
final class LookAtFirstRows
{
    /** The look that is under way or that failed; begun when there is none. */
    public function run(SupplierConnection $connection, ?User $by): Run
    {
        $last = $this->last($connection);

        return $last !== null && ($last->state->open() || $last->state === RunState::Failed)
            ? $last
            : $this->begin($connection, $by);
    }

    public function begin(SupplierConnection $connection, ?User $by): Run
    {
        $last = $this->last($connection);
        if ($last?->state->open()) {
            return $last;
        }
        $run = Run::query()->create([
            'stall_id' => $connection->stall_id,
            'kind' => RunKind::Look,
            'subject' => ['connection' => $connection->id],
            'user_id' => $by?->id,
            'state' => RunState::Waiting,
            'counts' => [],
        ]);

        return $run->begin(LookAtFeed::class);
    }

    private function last(SupplierConnection $connection): ?Run
    {
        return Run::query()
            ->where('stall_id', $connection->stall_id)
            ->where('kind', RunKind::Look)
            ->where('subject->connection', $connection->id)
            ->latest('id')
            ->first();
    }
}
