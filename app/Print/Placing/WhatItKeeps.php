<?php

declare(strict_types=1);

namespace WindowStall\Print\Placing;

use WindowStall\Core\Landing\Cost;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Listing\AcrossVariants;
use WindowStall\Core\Pricing\Listing\Pricer;
use WindowStall\Core\Pricing\Listing\PriceSpread;
use WindowStall\Core\Pricing\Listing\VariantFacts;
use WindowStall\Core\Pricing\Listing\VariantPrice;
use WindowStall\Core\Pricing\Recipe\PricedGoods;
use WindowStall\Core\Pricing\Recipe\RecipeFacts;
use WindowStall\Core\Print\Placing\Placing;
use WindowStall\Core\Print\Priced\PrintCost;
use WindowStall\Core\Print\Priced\TwoPrices;
use WindowStall\Core\Source\Blank;
use WindowStall\Core\Source\Item;
use WindowStall\Source\SupplierItem;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;

/**
 * What each size of printed goods costs, asks and keeps at home, before anything is made of them: by the blank's delivery
 * as it was landed, and printing as it is laid. Of colours that cost differently the dearest counts.
 */
final readonly class WhatItKeeps
{
    /** Minor units that a proposed price is a multiple of. */
    private const ROUND = 50;

    private Pricer $pricer;

    private CostSheet $sheet;

    public function __construct(private Stall $stall, private SupplierItem $blank, private Item $said)
    {
        $this->sheet = CostSheet::of($stall);
        $this->pricer = $this->sheet->pricer($stall->home_market);
    }

    /**
     * @return array<string, VariantPrice> by size; "" for a blank without
     */
    public function bySize(Placing $placing, ?TwoPrices $prices): array
    {
        $facts = $this->facts($placing);
        $sizes = array_map(strval(...), array_keys($facts));
        $variants = [];
        foreach (array_values($facts) as $n => $from) {
            $hand = $prices === null ? null : $this->stall->money($prices->of($sizes[$n], $sizes));
            $variants[] = new VariantFacts($n, $from, $hand);
        }

        return array_combine($sizes, $this->pricer->listing($variants, new PriceSpread(AcrossVariants::Each)));
    }

    /** Two prices at which every size keeps at least what the first one keeps by its recipe. */
    public function proposal(Placing $placing): ?TwoPrices
    {
        $now = $this->bySize($placing, null);
        $wanted = array_values($now)[0]->keep ?? 0;
        $needed = [];
        foreach ($now as $size => $price) {
            $asks = $price->landed === null || $wanted <= 0
                ? null
                : $this->pricer->terms->priceKeeping($price->landed->total, $this->stall->money($wanted));
            if ($asks === null) {
                return null;
            }
            $needed[$size] = intdiv($asks->minor + self::ROUND - 1, self::ROUND) * self::ROUND;
        }

        return TwoPrices::propose($needed);
    }

    /** @return array<string, RecipeFacts> */
    private function facts(Placing $placing): array
    {
        $dearest = [];
        $currency = $this->said->currency;
        $known = $this->blank->variants->whereNull('gone_at')->keyBy('external_id');
        foreach ($this->said->variants as $variant) {
            $colour = $variant->options[Blank::COLOUR] ?? '';
            $size = $variant->options[Blank::SIZE] ?? '';
            $landed = $known->get($variant->id);
            if (
                ! in_array($colour, $placing->colours, true) ||
                ($size !== '' && ! in_array($size, $placing->sizes, true)) ||
                ! $landed instanceof SupplierVariant ||
                $this->said->blank === null
            ) {
                continue;
            }
            $unit = $variant->cost->plus(PrintCost::of($this->said->blank, $placing, $colour, $currency));
            if (! isset($dearest[$size]) || $unit->minor > $dearest[$size][0]->minor) {
                $dearest[$size] = [$unit, $landed];
            }
        }

        return array_map(fn (array $one): RecipeFacts => $this->recipeFacts(...$one), $dearest);
    }

    private function recipeFacts(Money $unit, SupplierVariant $landed): RecipeFacts
    {
        $rates = $this->sheet->rates();
        $first = $landed->first_minor;

        return new RecipeFacts(
            $first === null ? null : new Cost(
                $unit,
                $unit->with($first),
                $unit->with($landed->further_minor ?? $first),
                $this->sheet->duty($this->stall->home_market),
                $this->sheet->parcelOf($this->blank->connection_id),
            ),
            new PricedGoods(
                $this->blank->connection_id,
                $this->said->category,
                [],
                $rates->from($unit->currency)->convert($unit)->minor,
                $landed->grams,
                $this->stall->home_market,
            ),
            $rates,
        );
    }
}
