<?php

declare(strict_types=1);

namespace WindowStall\Source\Jobs;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\ProjectListings;
use WindowStall\Counter\RecountPromises;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunJob;
use WindowStall\Source\Connectors\CataloguePage;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\LandItems;
use WindowStall\Source\LearnWords;
use WindowStall\Source\SaveItems;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;

/**
 * Pulls a supplier's whole catalogue: pages as said, then delivery and landed cost, then what listings show.
 *
 * Every page is stored whole or not at all, and pulling again costs little; so a pull that broke off is simply pulled again.
 */
final class PullCatalogue extends RunJob
{
    /** Seconds a pull may wait in all for a supplier that asks for pauses. */
    private const PATIENCE = 600;

    protected static function queueName(): string
    {
        return 'pulls';
    }

    public function handle(SaveItems $save, LandItems $land, LearnWords $learn, ProjectListings $project, RecountPromises $recount): void
    {
        $run = Run::query()->find($this->runId);
        if ($run === null) {
            return;
        }
        $connection = SupplierConnection::query()->with('stall.rates')->findOrFail($run->connection_id);
        // One that is begun again meets everything anew.
        DB::table('run_seen')->where('run_id', $run->id)->delete();
        $run->perform('Asking for the catalogue', function () use ($run, $connection, $save, $land, $learn, $project, $recount): void {
            $this->read($run, $connection, $save);
            $this->finish($run, $connection, $land, $learn, $project, $recount);
        }, 'Something went wrong here while pulling. It has been noted; pull again.', fn (string $trouble) => $this->givenUp($run, $trouble));
        DB::table('run_seen')->where('run_id', $run->id)->delete();
    }

    /** The next pull is set, later with each that failed. */
    public function givenUp(Run $run, string $why): void
    {
        $connection = SupplierConnection::query()->find($run->connection_id);
        $failures = ($connection->failures ?? 0) + 1;
        $connection?->update(['trouble' => $why, 'failures' => $failures, 'next_pull_at' => $connection->schedule->next(now(), $failures, 0)]);
    }

    private function read(Run $run, SupplierConnection $connection, SaveItems $save): void
    {
        $counts = ['new' => 0, 'changed' => 0, 'same' => 0, 'gone' => 0];
        foreach ($connection->connector()->catalogue($connection->access(self::PATIENCE)) as $page) {
            $run->stopIfCancelled();
            foreach ($page->items === [] ? [] : $save($connection, $run, $page->items) as $kind => $n) {
                $counts[$kind] += $n;
            }
            $this->note($run, $connection, $page);
            $run->update(['done' => $run->done + count($page->items), 'total' => $page->total ?? $run->total, 'counts' => $counts, 'doing' => 'Reading items']);
        }
        if ($run->done === 0 && SupplierItem::query()->where('connection_id', $connection->id)->whereNull('gone_at')->exists()) {
            throw SupplierTrouble::empty($connection->name);
        }
        $run->update(['counts' => ['gone' => $this->markGone($connection, $run)] + $counts]);
    }

    /** What couldn't be used, what was noticed, and what the connection learnt for the next time. */
    private function note(Run $run, SupplierConnection $connection, CataloguePage $page): void
    {
        foreach (array_chunk($page->rejects, 1000) as $some) {
            DB::table('run_rejects')->insert(array_map(static fn ($r): array => ['run_id' => $run->id, 'row' => $r->row, 'column' => mb_substr($r->column, 0, 120), 'value' => $r->value, 'reason' => mb_substr($r->reason, 0, 200)], $some));
        }
        if ($page->rejects !== [] || $page->notes !== []) {
            $run->update(['rejects' => $run->rejects + ($page->rejected ?? count($page->rejects)), 'notes' => [...$run->notes, ...$page->notes]]);
        }
        if ($page->learnt !== []) {
            $connection->update(['settings' => $page->learnt + $connection->settings]);
        }
    }

    private function finish(Run $run, SupplierConnection $connection, LandItems $land, LearnWords $learn, ProjectListings $project, RecountPromises $recount): void
    {
        /** @var Stall $stall */
        $stall = $connection->stall;
        $run->update(['doing' => 'Working out delivery and landed cost', 'done' => 0, 'total' => SupplierItem::query()->where('connection_id', $connection->id)->whereNull('gone_at')->count()]);
        $land($stall, $connection, askAgain: true, progress: function (int $done) use ($run): void {
            $run->stopIfCancelled();
            $run->update(['done' => $done]);
        });
        $learn($stall);
        // So much may have come in that the planner would think the tables empty.
        DB::select('SELECT analyse_finding()');
        $recount($connection);
        $run->update(['doing' => 'Bringing listings up to date']);
        $project($stall);
        $stall->bumpShop();
        $connection->update(['pulled_at' => now(), 'trouble' => null, 'failures' => 0, 'next_pull_at' => $connection->schedule->next(now(), 0, $connection->id % 50)]);
    }

    private function markGone(SupplierConnection $connection, Run $run): int
    {
        return DB::transaction(function () use ($connection, $run): int {
            DB::update('UPDATE supplier_variants v SET gone_at = now(), stock = 0 FROM supplier_items i WHERE i.id = v.supplier_item_id AND i.connection_id = ? AND i.gone_at IS NULL AND v.gone_at IS NULL AND NOT EXISTS (SELECT 1 FROM run_seen s WHERE s.run_id = ? AND s.external_id = i.external_id)', [$connection->id, $run->id]);
            DB::delete('DELETE FROM item_landings l USING supplier_items i WHERE i.id = l.supplier_item_id AND i.connection_id = ? AND NOT EXISTS (SELECT 1 FROM run_seen s WHERE s.run_id = ? AND s.external_id = i.external_id)', [$connection->id, $run->id]);

            return DB::update('UPDATE supplier_items i SET gone_at = now(), stock = 0 WHERE i.connection_id = ? AND i.gone_at IS NULL AND NOT EXISTS (SELECT 1 FROM run_seen s WHERE s.run_id = ? AND s.external_id = i.external_id)', [$connection->id, $run->id]);
        });
    }
}
