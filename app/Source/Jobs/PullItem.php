<?php

declare(strict_types=1);

namespace WindowStall\Source\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Queue\Middleware\WithoutOverlapping;
use WindowStall\Core\Source\Item;
use WindowStall\Runs\RunState;
use WindowStall\Source\Connectors\FetchesByLink;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\Events\SupplierSaidMore;
use WindowStall\Source\Landing\LandItems;
use WindowStall\Source\MadeGoods;
use WindowStall\Source\Pulling\SaveItems;
use WindowStall\Source\Pulling\Unsettled;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;

/**
 * Asks for one item of which its supplier sent news. What counts is what is answered now, so news that comes late,
 * twice or out of order does no harm. While the whole catalogue is being pulled it waits.
 */
final class PullItem implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    /** Seconds until it is tried again. */
    private const LATER = 10;

    public int $tries = 30;

    public int $maxExceptions = 3;

    public int $timeout = 60;

    public int $uniqueFor = 600;

    public function __construct(public readonly int $supplier, public readonly string $item)
    {
        $this->onQueue('pulls');
    }

    public function uniqueId(): string
    {
        return $this->supplier.' '.$this->item;
    }

    /** @return list<WithoutOverlapping> one at a time with what asks for stock and cost of the same supplier */
    public function middleware(): array
    {
        $alone = new WithoutOverlapping('supplier '.$this->supplier);

        return [$alone->shared()->releaseAfter(self::LATER)->expireAfter(PullMoving::SECONDS)];
    }

    public function handle(SaveItems $save, LandItems $land, MadeGoods $made): void
    {
        $connection = SupplierConnection::query()
            ->with('stall.rates')
            ->whereNull('disconnected_at')
            ->find($this->supplier);
        $connector = $connection?->connector();
        if ($connection === null || ! ($connector instanceof FetchesByLink)) {
            return;
        }
        if (
            $connection
                ->runs()
                ->whereIn('state', [RunState::Waiting, RunState::Running])
                ->exists()
        ) {
            $this->release(self::LATER);

            return;
        }
        try {
            $item = $connector->item($connection->access(), $this->item);
        } catch (SupplierTrouble) {
            // The next pull finds it as it is then.
            return;
        }
        $known = SupplierItem::query()
            ->where('connection_id', $connection->id)
            ->where('external_id', $item->id)
            ->first();
        if ($known !== null && $known->currency !== $item->currency) {
            // That is for a person to look at; the pull is set aside for it.
            return;
        }
        $all = [$item, ...$made->of($connection, [$item])];
        $counts = $save($connection, $all);
        if ($connection->stall === null || $counts['same'] === count($all)) {
            return;
        }
        $ids = array_map(static fn (Item $one): string => $one->id, $all);
        $land($connection->stall, $connection, only: $ids);
        foreach ($ids as $id) {
            event(new SupplierSaidMore($connection, item: $id));
        }
        Unsettled::settle(
            array_values(
                SupplierItem::query()
                    ->where('connection_id', $connection->id)
                    ->whereIn('external_id', $ids)
                    ->pluck('id')
                    ->map(intval(...))
                    ->all(),
            ),
        );
    }
}
