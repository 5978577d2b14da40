<?php

declare(strict_types=1);

namespace WindowStall\Core\Landing;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rates;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;

/** Lands a supplier's items in one market, by what the supplier asks for sending from each of its warehouses. */
final readonly class LandsItems
{
    /**
     * @param  array<string, list<Quote>>  $quotes  by {@see key()}; a warehouse without any doesn't send to the market
     * @param  Duty  $duty  what the market's customs take
     * @param  Money  $handling  per parcel, in the currency of the rates
     */
    public function __construct(
        private array $quotes,
        private Rates $rates,
        private Duty $duty,
        private Money $handling,
    ) {
    }

    /** Under what quotes for a piece of that weight from that warehouse are kept. */
    public static function key(string $warehouse, int $grams): string
    {
        return $warehouse.'|'.$grams;
    }

    /** By which offer a piece of it comes cheapest; null where none can be sent to the market. */
    public function variant(Item $item, Variant $variant): ?LandedCost
    {
        if ($item->giving !== null) {
            return $this->unposted($variant);
        }
        $offers = [];
        foreach ($variant->stock as $warehouse => $pieces) {
            foreach ($this->from($warehouse, $variant) as $quote) {
                $offers[] = $quote->offer($warehouse, $pieces, $item->processing, $variant->cost->currency);
            }
        }

        return LandedCost::best($variant->cost, $offers, $this->rates, $this->duty, $this->handling);
    }

    /** What isn't posted is everywhere at once, and costs what it costs. */
    private function unposted(Variant $variant): ?LandedCost
    {
        $offers = [];
        foreach ($variant->stock as $warehouse => $pieces) {
            $offers[] = new Offer($warehouse, '', $variant->cost->with(0), new DayRange(0, 0), $pieces);
        }

        return LandedCost::best($variant->cost, $offers, $this->rates);
    }

    /**
     * Pieces of it in warehouses from which nothing is sent to the market; none where it can't be sent there at all,
     * which is said instead.
     */
    public function outOfReach(Variant $variant): int
    {
        $beyond = array_filter(
            $variant->stock,
            fn (string $warehouse): bool => $this->from($warehouse, $variant) === [],
            ARRAY_FILTER_USE_KEY,
        );

        return count($beyond) === count($variant->stock) ? 0 : array_sum($beyond);
    }

    /** The cheapest of its variants; null where none can be sent to the market. */
    public function cheapest(Item $item): ?LandedCost
    {
        $cheapest = null;
        foreach ($item->variants as $variant) {
            $landed = $this->variant($item, $variant);
            if ($landed !== null && ($cheapest === null || $landed->total->compare($cheapest->total) < 0)) {
                $cheapest = $landed;
            }
        }

        return $cheapest;
    }

    /** @return list<Quote> */
    private function from(string $warehouse, Variant $variant): array
    {
        return $this->quotes[self::key($warehouse, $variant->grams)] ?? [];
    }
}
