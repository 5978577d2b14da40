<?php

declare(strict_types=1);

namespace WindowStall\Opening;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Landing\CautionAcross;
use WindowStall\Core\Landing\Cost;
use WindowStall\Core\Landing\LandedCost;
use WindowStall\Core\Landing\Offer;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Opening\Proposable;
use WindowStall\Core\Pricing\Listing\AcrossVariants;
use WindowStall\Core\Pricing\Listing\PriceSpread;
use WindowStall\Core\Pricing\Listing\VariantFacts;
use WindowStall\Core\Pricing\Listing\VariantPrice;
use WindowStall\Core\Pricing\Recipe\PricedGoods;
use WindowStall\Core\Pricing\Recipe\RecipeFacts;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\ProductGroups;
use WindowStall\Core\Source\Variant;
use WindowStall\Source\SupplierItem;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;

/** What items that aren't taken yet would cost and keep at home by the stall's recipe, and what speaks against them. */
final readonly class WeighsItems
{
    private CostSheet $sheet;

    public function __construct(private Stall $stall)
    {
        $this->sheet = CostSheet::of($stall);
    }

    /**
     * @param  SupplierItem  $row  with its words and variants
     * @param  int  $fit  how well it answers to what is looked for
     * @return WeighedItem|null null for what is sold only with artwork on it, or has no price
     */
    public function weigh(SupplierItem $row, int $fit): ?WeighedItem
    {
        $item = $row->words?->item();
        $sold = $row->variants->filter(static fn (SupplierVariant $v): bool => $v->gone_at === null && $v->first_minor !== null);
        if ($item === null || $item->blank !== null || $sold->isEmpty()) {
            return null;
        }
        $prices = $this->prices($row, array_values($sold->all()));
        if ($prices === []) {
            return null;
        }
        $keeps = array_filter(array_map(static fn (VariantPrice $p): ?int => $p->keep, $prices), is_int(...));
        $least = array_filter(array_map(static fn (VariantPrice $p): ?int => $p->least, $prices), is_int(...));

        return new WeighedItem(
            new Proposable(
                id: $row->id,
                fit: $fit,
                keep: $keeps === [] ? null : min($keeps),
                least: $least === [] ? null : max($least),
                days: (int) $sold->max('days_max'),
                rating: $row->rating,
                cautions: $this->cautions($item, array_values($sold->all()), $row->connection_id),
                category: $row->category,
                barcodes: array_values($sold->pluck('barcode')->filter()->map(static fn ($b): string => (string) $b)->unique()->all()),
            ),
            $this->stall->money(min(array_map(static fn (VariantPrice $p): int => (int) $p->shown?->minor, $prices))),
        );
    }

    /**
     * @param  list<SupplierVariant>  $sold
     * @return list<VariantPrice> of those that have a price
     */
    private function prices(SupplierItem $row, array $sold): array
    {
        $rates = $this->sheet->rates();
        $variants = array_map(fn (SupplierVariant $v): VariantFacts => new VariantFacts($v->id, new RecipeFacts(
            cost: $this->cost($row, $v),
            goods: new PricedGoods(
                $row->connection_id,
                '',
                [],
                $rates->from(Currency::of($row->currency))->convert(Money::of($v->cost_minor, $row->currency))->minor,
                $v->grams,
                $this->stall->home_market,
                [],
            ),
            held: $rates,
            rrp: $v->rrp_minor === null
                ? null
                : $this->sheet->shownLike($row->currency)->convert(Money::of($v->rrp_minor, $row->currency)),
        )), $sold);
        $prices = $this->sheet->pricer($this->stall->home_market)->listing($variants, new PriceSpread(AcrossVariants::Each));

        return array_values(array_filter($prices, static fn (VariantPrice $price): bool => $price->shown !== null));
    }

    private function cost(SupplierItem $row, SupplierVariant $variant): Cost
    {
        return new Cost(
            Money::of($variant->cost_minor, $row->currency),
            Money::of((int) $variant->first_minor, $row->currency),
            Money::of($variant->further_minor ?? (int) $variant->first_minor, $row->currency),
            $this->sheet->duty($this->stall->home_market),
            $this->sheet->parcelOf($row->connection_id),
        );
    }

    /** @param  list<SupplierVariant>  $sold */
    private function cautions(Item $item, array $sold, int $connection): int
    {
        $said = [];
        foreach ($item->variants as $variant) {
            $said[$variant->id] = $variant;
        }
        $variants = [];
        foreach ($sold as $row) {
            $variant = $said[$row->external_id] ?? null;
            $landed = $variant === null ? null : $this->landed($item, $variant, $row, $connection);
            if ($landed !== null) {
                $variants[] = [
                    'label' => $variant->label(),
                    'landed' => $landed,
                    'rrp' => $variant->rrp === null ? null : $this->sheet->shownLike($item->currency)->convert($variant->rrp),
                    'stock' => $variant->stock,
                ];
            }
        }
        $across = CautionAcross::of($variants, $this->stall->home_market, $this->stall->promise_days);

        return count($across) + (int) ProductGroups::of($item)->several();
    }

    private function landed(Item $item, Variant $variant, SupplierVariant $row, int $connection): ?LandedCost
    {
        $offer = new Offer(
            (string) $row->warehouse,
            (string) $row->method,
            Money::of((int) $row->first_minor, $item->currency),
            new DayRange((int) $row->days_min, (int) $row->days_max),
            $row->stock,
            $row->further_minor === null ? null : Money::of($row->further_minor, $item->currency),
        );
        $home = $this->stall->home_market;

        return LandedCost::best(
            $variant->cost,
            [$offer],
            $this->sheet->rates(),
            $this->sheet->duty($home),
            $this->sheet->parcelOf($connection),
        );
    }
}
