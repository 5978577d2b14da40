<?php

declare(strict_types=1);

namespace WindowStall\Source\Landing;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Landing\LandedCost;
use WindowStall\Core\Landing\Offer;
use WindowStall\Core\Landing\Quote;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;
use WindowStall\Source\Connectors\ParcelToQuote;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;

/**
 * One variant of an item from every side: each way it can come, and what one to five pieces in a parcel cost landed.
 * Asks the supplier.
 */
final class ItemSheet
{
    public const MOST_PIECES = 5;

    /**
     * @return array{offers: list<Offer>, landed: array<int, LandedCost>} landed by number of pieces; both empty where
     *          nothing is delivered
     *
     * @throws SupplierTrouble
     */
    public function __invoke(
        Stall $stall,
        SupplierConnection $connection,
        Item $item,
        Variant $variant,
        string $market,
    ): array {
        $parcels = [];
        foreach (array_keys($variant->stock) as $warehouse) {
            for ($pieces = 1; $pieces <= self::MOST_PIECES; $pieces++) {
                $parcels[] = [$warehouse, $pieces, new ParcelToQuote($warehouse, $market, $variant->grams * $pieces)];
            }
        }
        $answers =
            $parcels === []
                ? []
                : $connection
                    ->connector()
                    ->quotes($connection->access(), array_map(static fn (array $p): ParcelToQuote => $p[2], $parcels));
        $offers = [];
        foreach ($parcels as $i => [$warehouse, $pieces]) {
            foreach ($answers[$i] as $quote) {
                $offers[$pieces][] = $this->offer($item, $variant, $warehouse, $quote);
            }
        }
        $sheet = CostSheet::of($stall);
        $landed = [];
        foreach ($offers as $pieces => $some) {
            $best = LandedCost::best(
                $variant->cost->times($pieces),
                $some,
                $sheet->rates(),
                $sheet->duty($market),
                $sheet->parcelOf($connection->id),
            );
            if ($best !== null) {
                $landed[$pieces] = $best;
            }
        }

        return ['offers' => $offers[1] ?? [], 'landed' => $landed];
    }

    private function offer(Item $item, Variant $variant, string $warehouse, Quote $quote): Offer
    {
        return new Offer(
            $warehouse,
            $quote->method,
            Money::of($quote->price, $item->currency),
            (new DayRange($quote->daysMin, $quote->daysMax))->after($item->processing),
            $variant->stock[$warehouse] ?? 0,
        );
    }
}
