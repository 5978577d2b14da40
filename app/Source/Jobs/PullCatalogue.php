<?php

declare(strict_types=1);

namespace WindowStall\Source\Jobs;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use Throwable;
use WindowStall\Bench\ProjectListings;
use WindowStall\Core\Said;
use WindowStall\Counter\RecountPromises;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\LandItems;
use WindowStall\Source\Run;
use WindowStall\Source\RunState;
use WindowStall\Source\SaveItems;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;

/**
 * Pulls a supplier's whole catalogue: pages as said, then delivery and landed cost, then what listings show.
 *
 * Every page is stored whole or not at all, and pulling again costs little; so a pull that broke off is simply pulled again.
 */
final class PullCatalogue implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 1800;

    public function __construct(public readonly int $runId)
    {
        $this->onQueue('pulls');
    }

    public function handle(SaveItems $save, LandItems $land, ProjectListings $project, RecountPromises $recount): void
    {
        $run = Run::query()->find($this->runId);
        if ($run === null || $run->state !== RunState::Waiting) {
            return;
        }
        $run->update(['state' => RunState::Running, 'started_at' => now(), 'doing' => 'Asking for the catalogue']);
        $connection = SupplierConnection::query()->with('stall')->findOrFail($run->connection_id);
        try {
            $this->pull($run, $connection, $save, $land, $project, $recount);
        } catch (Throwable $e) {
            $trouble = $e instanceof Said ? $e->getMessage() : 'Something went wrong here while pulling. It has been noted; pull again.';
            $run->update(['state' => RunState::Failed, 'ended_at' => now(), 'trouble' => $trouble]);
            $connection->update(['trouble' => $trouble]);
            if (! $e instanceof Said) {
                report($e);
            }
        }
    }

    private function pull(Run $run, SupplierConnection $connection, SaveItems $save, LandItems $land, ProjectListings $project, RecountPromises $recount): void
    {
        /** @var Stall $stall */
        $stall = $connection->stall;
        $counts = ['new' => 0, 'changed' => 0, 'same' => 0, 'gone' => 0];
        foreach ($connection->connector()->catalogue($connection->access()) as $page) {
            if ($run->cancelled()) {
                $run->update(['ended_at' => now()]);

                return;
            }
            foreach ($save($connection, $run, $page->items) as $kind => $n) {
                $counts[$kind] += $n;
            }
            $run->update(['done' => $run->done + count($page->items), 'total' => $page->total, 'counts' => $counts, 'doing' => 'Reading items']);
        }
        if ($run->done === 0 && SupplierItem::query()->where('connection_id', $connection->id)->whereNull('gone_at')->exists()) {
            throw SupplierTrouble::empty($connection->name);
        }
        $counts['gone'] = $this->markGone($connection, $run);
        $run->update(['doing' => sprintf('Asking what delivery to %s costs', $stall->marketName()), 'counts' => $counts]);
        $land($stall, $connection, askAgain: true);
        $recount($connection);
        $run->update(['doing' => 'Bringing listings up to date']);
        $project($stall);
        $stall->bumpShop();
        $run->update(['state' => RunState::Done, 'ended_at' => now(), 'doing' => '']);
        $connection->update(['pulled_at' => now(), 'trouble' => null]);
    }

    private function markGone(SupplierConnection $connection, Run $run): int
    {
        return DB::transaction(function () use ($connection, $run): int {
            $gone = SupplierItem::query()->where('connection_id', $connection->id)->whereNull('gone_at')->whereRaw('seen_in_run IS DISTINCT FROM ?', [$run->id]);
            $ids = $gone->pluck('id');
            SupplierVariant::query()->whereIn('supplier_item_id', $ids)->whereNull('gone_at')->update(['gone_at' => now(), 'stock' => 0]);

            return SupplierItem::query()->whereIn('id', $ids)->update(['gone_at' => now(), 'stock' => 0]);
        });
    }
}
