<?php

declare(strict_types=1);

namespace WindowStall\Source\Jobs;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Feeds\Reject;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunJob;
use WindowStall\Runs\RunState;
use WindowStall\Source\Connectors\CataloguePage;
use WindowStall\Source\KeepListening;
use WindowStall\Source\MadeGoods;
use WindowStall\Source\Pulling\ApplyPull;
use WindowStall\Source\Pulling\Gathered;
use WindowStall\Source\Pulling\ItemChanges;
use WindowStall\Source\Pulling\JudgePull;
use WindowStall\Source\Pulling\SaveItems;
use WindowStall\Source\Pulling\SetAside;
use WindowStall\Source\Pulling\StoreFirst;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;

/**
 * Pulls a supplier's whole catalogue: gathers it, judges it, uses what is new, works out delivery and landed cost, then
 * what listings show.
 *
 * Nothing is used before all of it has come and nothing is amiss; a pull that breaks off is simply pulled again. One in
 * which something is amiss is set aside whole ({@see SetAside}).
 */
final class PullCatalogue extends RunJob
{
    /** Seconds a pull may wait in all for a supplier that asks for pauses. */
    private const PATIENCE = 600;

    protected static function queueName(): string
    {
        return 'pulls';
    }

    public function handle(
        SaveItems $save,
        StoreFirst $store,
        Gathered $gathered,
        SetAside $aside,
        ApplyPull $workIn,
        KeepListening $listen,
    ): void {
        $run = Run::query()->find($this->runId);
        if ($run === null) {
            return;
        }
        $connection = SupplierConnection::query()->with('stall.rates')->findOrFail($run->connection_id);
        $sorry = 'Something went wrong here while pulling. It has been noted; pull again.';
        $pull = function () use ($run, $connection, $save, $store, $gathered, $aside, $workIn, $listen): void {
            $listen($connection);
            $gathered->begin();
            // Of the first there is nothing to judge by, so it needn't be laid by.
            $first = ! SupplierItem::query()->where('connection_id', $connection->id)->exists();
            $used = match (true) {
                is_int($run->subject['through'] ?? null) => $this->takeUp($run, $connection, $gathered),
                $first => $this->readFirst($run, $connection, $store),
                default => $this->read($run, $connection, $save, $gathered, $aside),
            };
            if ($used) {
                $aside->supersede($connection, $run);
                $workIn($run, $connection, landed: $first);
            }
        };
        $run->perform('Asking for the catalogue', $pull, $sorry, fn (string $trouble) => $this->givenUp($run, $trouble));
    }

    /** The next pull is set, later with each that failed. */
    public function givenUp(Run $run, string $why): void
    {
        if (is_int($run->subject['through'] ?? null)) {
            // What a person let through and couldn't be used lies there again.
            Run::query()
                ->whereKey($run->subject['through'])
                ->update(['state' => RunState::SetAside]);
        }
        $connection = SupplierConnection::query()->find($run->connection_id);
        $failures = ($connection->failures ?? 0) + 1;
        $connection?->update([
            'trouble' => $why,
            'failures' => $failures,
            'next_pull_at' => $connection->schedule->next(now(), $failures, 0),
        ]);
    }

    /** A catalogue of which nothing is known yet. */
    private function readFirst(Run $run, SupplierConnection $connection, StoreFirst $store): bool
    {
        /** @var Stall $stall */
        $stall = $connection->stall;
        try {
            $learnt = $this->pages(
                $run,
                $connection,
                static fn (CataloguePage $page): ItemChanges => $store->take($stall, $connection, $page),
            );
        } finally {
            // Also what was read before it was stopped or broke off.
            $store->store($stall, $connection);
        }
        $this->learn($connection, $learnt ?? []);

        return true;
    }

    /** @return bool whether it was used; false where it was set aside */
    private function read(
        Run $run,
        SupplierConnection $connection,
        SaveItems $save,
        Gathered $gathered,
        SetAside $aside,
    ): bool {
        $judge = new JudgePull();
        $learnt = $this->pages(
            $run,
            $connection,
            static function (CataloguePage $page) use ($connection, $save, $gathered, $judge): ItemChanges {
                $compared =
                    $page->same !== []
                        ? ItemChanges::same($page->same)
                        : $save->compare($connection, $page->items, $page->raw);
                $gathered->add($compared);
                $judge->look($connection, $compared);

                return $compared;
            },
        );
        if ($learnt === null) {
            return true;
        }
        $weighed = $judge->weigh($connection, $gathered);
        // Kept, so that other limits can be rehearsed on it.
        $run->update(['subject' => ['weighed' => $weighed->toArray()] + $run->subject]);
        $suspicions = $judge->judge($connection, $weighed);
        if ($suspicions !== []) {
            $aside->put($run, $connection, $gathered, $suspicions);

            return false;
        }
        $counts = $run->counts;
        $used = $gathered->use($connection, $run->stopIfCancelled(...));
        $run->update(['doing' => 'Using what is new', 'counts' => $used + $counts]);
        $this->learn($connection, $learnt);

        return true;
    }

    /**
     * Reads page by page.
     *
     * @param  callable(CataloguePage): ItemChanges  $take
     * @return array<string, mixed>|null settings that the catalogue taught; null where all of it came as last time
     */
    private function pages(Run $run, SupplierConnection $connection, callable $take): ?array
    {
        $counts = ['new' => 0, 'changed' => 0, 'same' => 0, 'gone' => 0];
        $learnt = [];
        $made = app(MadeGoods::class);
        $besides = $made->count($connection);
        foreach ($connection->connector()->catalogue($connection->access(self::PATIENCE)) as $page) {
            $run->stopIfCancelled();
            $page = $page->besides($made->of($connection, $page->items), $besides);
            if ($page->asBefore) {
                $this->asBefore($run, $connection, $page);
                $this->learn($connection, $page->learnt + $learnt);

                return null;
            }
            $compared = $take($page);
            foreach ($compared->counts as $kind => $n) {
                $counts[$kind] += $n;
            }
            $learnt = $page->learnt + $learnt;
            $this->note($run, $page);
            $run->update([
                'done' => $run->done + count($compared->ids),
                'total' => $page->total ?? $run->total,
                'counts' => $counts,
                'doing' => 'Reading items',
            ]);
        }

        return $learnt;
    }

    /**
     * Only once it was used: what was learnt of a catalogue counts then.
     *
     * @param  array<string, mixed>  $learnt
     */
    private function learn(SupplierConnection $connection, array $learnt): void
    {
        if ($learnt !== []) {
            $connection->update([
                'settings' => array_filter($learnt + $connection->settings, static fn (mixed $s): bool => $s !== null),
            ]);
        }
    }

    /** Nothing came that wasn't there: there is nothing to judge and nothing to write. */
    private function asBefore(Run $run, SupplierConnection $connection, CataloguePage $page): void
    {
        $goods = SupplierItem::query()->where('connection_id', $connection->id)->whereNull('gone_at')->count();
        $this->note($run, $page);
        $run->update([
            'done' => $goods,
            'total' => $goods,
            'counts' => ['new' => 0, 'changed' => 0, 'same' => $goods, 'gone' => 0],
        ]);
    }

    /** A pull that was set aside and that a person let through. */
    private function takeUp(Run $run, SupplierConnection $connection, Gathered $gathered): bool
    {
        $total = $gathered->takeUp((int) $run->subject['through']);
        $used = $gathered->use($connection, $run->stopIfCancelled(...));
        $run->update([
            'done' => $total,
            'total' => $total,
            'counts' => $used + ['same' => max(0, $total - $used['new'] - $used['changed'])],
        ]);

        return true;
    }

    /** What couldn't be used, and what was noticed. */
    private function note(Run $run, CataloguePage $page): void
    {
        foreach (array_chunk($page->rejects, 1000) as $some) {
            DB::table('run_rejects')->insert(
                array_map(
                    static fn (Reject $r): array => [
                        'run_id' => $run->id,
                        'row' => $r->row,
                        'column' => mb_substr($r->column, 0, 120),
                        'value' => $r->value,
                        'reason' => mb_substr($r->reason, 0, 200),
                    ],
                    $some,
                ),
            );
        }
        if ($page->rejects !== [] || $page->notes !== []) {
            $run->update([
                'rejects' => $run->rejects + ($page->rejected ?? count($page->rejects)),
                'notes' => [...$run->notes, ...$page->notes],
            ]);
        }
    }
}
