<?php

declare(strict_types=1);

namespace WindowStall\Source\Pulling;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Drift\Guards\Suspicion;
use WindowStall\Hooks\HookEvent;
use WindowStall\Hooks\Tell;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Source\Jobs\PullCatalogue;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/**
 * Pulls that were set aside whole because something was amiss: kept until a person lets them through or throws them
 * away.
 */
final readonly class SetAside
{
    /** Goods that are named where some are missing. */
    private const NAMED = 12;

    /**
     * @param  non-empty-list<Suspicion>  $suspicions
     */
    public function put(Run $run, SupplierConnection $connection, Gathered $gathered, array $suspicions): void
    {
        DB::transaction(function () use ($run, $connection, $gathered, $suspicions): void {
            $gathered->layBy($connection->stall_id, $run->id);
            $run->update([
                'subject' => [
                    'suspicions' => array_map(static fn (Suspicion $s): array => $s->toArray(), $suspicions),
                    'missing' => $gathered->missed($connection, self::NAMED),
                ] + $run->subject,
            ]);
            $run->end(RunState::SetAside, $suspicions[0]->words.' Everything stays as it was; look under Drift.');
            Tell::of(Stall::query()->findOrFail($connection->stall_id), HookEvent::SetAside, [
                'supplier' => $connection->name,
                'run' => $run->id,
                'why' => array_map(static fn (Suspicion $s): string => $s->words, $suspicions),
            ]);
            // The same may come right by itself: it is asked for again as after a fault, and the newest of them counts.
            $this->supersede($connection, $run);
            $failures = $connection->failures + 1;
            $connection->update([
                'trouble' => $run->trouble,
                'failures' => $failures,
                'next_pull_at' => $connection->schedule->next(now(), $failures, 0),
            ]);
        });
    }

    /**
     * Uses a pull that was set aside, exactly as it came.
     *
     * @throws Refusal when it was decided already, or another pull is under way
     */
    public function letThrough(Stall $stall, Run $run, User $by): Run
    {
        return DB::transaction(function () use ($stall, $run, $by): Run {
            $this->lock($stall, $run);
            $connection = SupplierConnection::query()->findOrFail($run->connection_id);
            if (
                $connection
                    ->runs()
                    ->whereIn('state', [RunState::Waiting, RunState::Running])
                    ->exists()
            ) {
                throw new Refusal(sprintf('%s is being pulled now. Wait until that has ended.', $connection->name));
            }
            $run->update(['state' => RunState::Cancelled, 'subject' => ['decided' => 'through'] + $run->subject]);
            $through = $connection->runs()->create([
                'stall_id' => $stall->id,
                'user_id' => $by->id,
                'state' => RunState::Waiting,
                'counts' => [],
                'subject' => ['through' => $run->id],
            ]);

            return $through->begin(PullCatalogue::class)->refresh();
        });
    }

    /** @throws Refusal when it was decided already */
    public function throwAway(Stall $stall, Run $run): void
    {
        DB::transaction(function () use ($stall, $run): void {
            $this->lock($stall, $run);
            $run->update(['state' => RunState::Cancelled, 'subject' => ['decided' => 'thrown away'] + $run->subject]);
            DB::table('set_aside_items')->where('run_id', $run->id)->delete();
            SupplierConnection::query()
                ->whereKey($run->connection_id)
                ->update(['trouble' => null]);
        });
    }

    /** A later pull was used, or set aside itself: what was set aside before it is out of date. */
    public function supersede(SupplierConnection $connection, Run $by): void
    {
        $older = $connection->runs()->where('state', RunState::SetAside)->where('id', '<', $by->id)->get();
        foreach ($older as $run) {
            $run->update([
                'state' => RunState::Cancelled,
                'subject' => ['decided' => 'a later pull came'] + $run->subject,
            ]);
        }
        DB::table('set_aside_items')
            ->whereIn('run_id', $connection->runs()->where('id', '<', $by->id)->select('id'))
            ->delete();
    }

    private function lock(Stall $stall, Run $run): void
    {
        $open = Run::of($stall)->whereKey($run->id)->where('state', RunState::SetAside)->lockForUpdate()->exists();
        if (! $open) {
            throw new Refusal('This pull was decided already, or a later one has been used.');
        }
        $run->refresh();
    }
}
