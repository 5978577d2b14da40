<?php

declare(strict_types=1);

namespace WindowStall\Source\Pulling;

use WindowStall\Core\Source\Item;
use WindowStall\Source\Connectors\CataloguePage;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\Landing\FirstLandings;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;

/**
 * Stores what a supplier says for the first time, landed at once, so that each variant is written once; some thousand
 * variants at a time, however small the supplier's pages are.
 */
final class StoreFirst
{
    /** Variants that are held before they are stored, besides those of one page. */
    private const MOST = 2_500;

    private ItemChanges $held;

    private int $variants = 0;

    public function __construct(private readonly SaveItems $save, private readonly FirstLandings $landings)
    {
        $this->held = ItemChanges::same([]);
    }

    /**
     * @return ItemChanges what is new of the page
     *
     * @throws SupplierTrouble
     */
    public function take(Stall $stall, SupplierConnection $connection, CataloguePage $page): ItemChanges
    {
        $ids = array_map(static fn (Item $item): string => $item->id, $page->items);
        if (array_intersect($ids, $this->held->ids) !== []) {
            // What it says twice is told from what it said first.
            $this->store($stall, $connection);
        }
        $compared = $this->save->compare($connection, $page->items, $page->raw);
        $this->held = $this->held->and($compared);
        $this->variants += array_sum(array_map(static fn (Item $item): int => count($item->variants), $page->items));
        if ($this->variants >= self::MOST) {
            $this->store($stall, $connection);
        }

        return $compared;
    }

    /** @throws SupplierTrouble */
    public function store(Stall $stall, SupplierConnection $connection): void
    {
        [$held, $this->held, $this->variants] = [$this->held, ItemChanges::same([]), 0];
        if ($held->changed !== []) {
            // Delivery is asked for before anything is locked.
            $landed = $this->landings->of($stall, $connection, array_column($held->changed, 'item'));
            $this->save->first($connection, $held, $landed);
        }
    }
}
