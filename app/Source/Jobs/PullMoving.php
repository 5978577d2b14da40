<?php

declare(strict_types=1);

namespace WindowStall\Source\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Queue\Middleware\WithoutOverlapping;
use WindowStall\Core\Drift\Guards\GuardLimits;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;
use WindowStall\Runs\RunState;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\Connectors\TellsWhatMoves;
use WindowStall\Source\Events\SupplierSaidMore;
use WindowStall\Source\Landing\LandItems;
use WindowStall\Source\Pulling\JudgePull;
use WindowStall\Source\Pulling\SaveItems;
use WindowStall\Source\Pulling\StartPull;
use WindowStall\Source\Pulling\Unsettled;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Support\Ids;

/**
 * Asks for stock and cost of what a stall sells of a supplier's, and nothing else. It is weighed as a whole, as a pull
 * is: where something is amiss the whole catalogue is pulled, and that is what a person is shown.
 */
final class PullMoving implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    /** For the whole of it. */
    public const SECONDS = 300;

    /** Goods that are asked about at a time. */
    private const GOODS = 40;

    private const SOLD = <<<'SQL'
        SELECT DISTINCT item.id
        FROM supplier_items AS item
        JOIN supplier_variants AS variant ON variant.supplier_item_id = item.id AND variant.gone_at IS NULL
        WHERE item.connection_id = ?
          AND item.gone_at IS NULL
          AND (
              EXISTS (
                  SELECT 1
                  FROM listing_variants AS sold
                  WHERE sold.supplier_variant_id = variant.id AND sold.listing_id IS NOT NULL
              )
              OR EXISTS (SELECT 1 FROM variant_sources AS other WHERE other.supplier_variant_id = variant.id)
          )
        SQL;

    public int $tries = 1;

    public int $timeout = self::SECONDS;

    public int $uniqueFor = 300;

    public function __construct(public readonly int $supplier)
    {
        $this->onQueue('pulls');
    }

    public function uniqueId(): string
    {
        return (string) $this->supplier;
    }

    public function handle(SaveItems $save, LandItems $land, StartPull $pull): void
    {
        $connection = SupplierConnection::query()
            ->with('stall.rates')
            ->whereNull('disconnected_at')
            ->find($this->supplier);
        $connector = $connection?->connector();
        $stall = $connection?->stall;
        if ($connection === null || $stall === null || ! ($connector instanceof TellsWhatMoves)) {
            return;
        }
        if (self::pulled($connection)) {
            // The pull that is under way brings it.
            return;
        }
        try {
            $items = $this->asked($connection, $connector);
        } catch (SupplierTrouble) {
            // It is asked again at its time; the whole pull says what is wrong.
            return;
        }
        $compared = $save->compare($connection, $items);
        $judge = new JudgePull();
        $judge->look($connection, $compared);
        $variants = array_sum(array_map(static fn (Item $i): int => count($i->variants), $items));
        if ($judge->part(count($items), $variants)->trips(GuardLimits::from($connection->guards)) !== []) {
            $pull($connection, null);

            return;
        }
        if ($compared->changed === [] || self::pulled($connection)) {
            return;
        }
        $save($connection, array_column($compared->changed, 'item'));
        $land($stall, $connection, unsettled: true);
        $unsettled = Unsettled::of($connection);
        event(new SupplierSaidMore($connection));
        Unsettled::settle($unsettled);
    }

    /**
     * @return list<WithoutOverlapping> never beside news of one item: what that says of the rest would be overwritten
     */
    public function middleware(): array
    {
        return [
            (new WithoutOverlapping('supplier '.$this->supplier))
                ->shared()
                ->dontRelease()
                ->expireAfter(self::SECONDS),
        ];
    }

    private static function pulled(SupplierConnection $connection): bool
    {
        return $connection
            ->runs()
            ->whereIn('state', [RunState::Waiting, RunState::Running])
            ->exists();
    }

    /** @return list<Item> what is sold of the supplier's, as it said it last, with stock and cost as they are now */
    private function asked(SupplierConnection $connection, TellsWhatMoves $connector): array
    {
        $sold = Ids::of(self::SOLD, [$connection->id]);
        $rows = SupplierItem::query()->with('words')->whereKey($sold)->lazyById(self::GOODS);
        $items = [];
        foreach ($rows->chunk(self::GOODS) as $some) {
            $said = array_map(static fn (SupplierItem $row): ?Item => $row->words?->item(), $some->values()->all());
            $said = array_values(array_filter($said));
            $ids = [];
            foreach ($said as $item) {
                array_push($ids, ...array_map(static fn (Variant $v): string => $v->id, $item->variants));
            }
            $now = [];
            foreach (array_chunk($ids, TellsWhatMoves::AT_ONCE) as $part) {
                $now += $connector->moving($connection->access(), $part);
            }
            foreach ($said as $item) {
                $items[] = self::moved($item, $now);
            }
        }

        return $items;
    }

    /** @param  array<string, array{cost: int, stock: array<string, int>}>  $now */
    private static function moved(Item $item, array $now): Item
    {
        return new Item(
            id: $item->id,
            title: $item->title,
            description: $item->description,
            category: $item->category,
            pictures: $item->pictures,
            currency: $item->currency,
            processing: $item->processing,
            ratingTenths: $item->ratingTenths,
            variants: array_map(
                static fn (Variant $v): Variant => isset($now[$v->id])
                    ? new Variant(
                        $v->id,
                        $v->sku,
                        $v->barcode,
                        $v->options,
                        Money::of($now[$v->id]['cost'], $item->currency),
                        $v->rrp,
                        $v->grams,
                        $now[$v->id]['stock'],
                        $v->picture,
                    )
                    : $v,
                $item->variants,
            ),
            blank: $item->blank,
        );
    }
}
