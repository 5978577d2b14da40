<?php

declare(strict_types=1);

namespace WindowStall\Drift;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\ListingFigures;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Standing;
use WindowStall\Core\Pricing\VariantPrice;
use WindowStall\Pricing\PricesIfAgreed;
use WindowStall\Stall\Stall;

/**
 * Works out what changed costs do in money once prices are made anew: for each, one sale at home if what was agreed stays,
 * and if the change counts. A price that stands and fell under its floor is a question, whatever the rules say.
 */
final readonly class ReckonChanges
{
    private const CHUNK = 500;

    public function __invoke(Stall $stall): void
    {
        DriftChange::query()->where('stall_id', $stall->id)->where('kind', ChangeKind::Cost)->whereNull('price_agreed')
            ->whereNotNull('listing_variant_id')->whereIn('standing', [Standing::Followed, Standing::Asks, Standing::Kept])
            ->with('listingVariant.prices')
            ->chunkById(self::CHUNK, function (Collection $rows) use ($stall): void {
                $listings = array_values(array_unique(array_map(intval(...), $rows->pluck('listing_id')->all())));
                $agreed = PricesIfAgreed::of($stall, $listings);
                DB::transaction(function () use ($stall, $rows, $agreed, $listings): void {
                    $rows->each(fn (DriftChange $row) => $this->reckon($stall, $row, $agreed[$row->listing_variant_id] ?? null));
                    JudgeListings::count($listings);
                });
            });
    }

    private function reckon(Stall $stall, DriftChange $row, ?VariantPrice $agreed): void
    {
        $priced = $row->listingVariant?->priceIn($stall->home_market);
        if ($priced === null || $agreed?->price === null) {
            // Not delivered home: there is nothing to reckon, and it isn't asked after again.
            $row->update(['price_agreed' => 0, 'keep_agreed' => null]);

            return;
        }
        // A price by hand makes way for the recipe's if the seller agrees to the cost.
        $byHand = $row->listingVariant?->own_price_minor !== null;
        $recipe = $stall->moneyOrNull($priced->recipe_minor);
        $under = $priced->underFloor() && $row->listingVariant?->own_under_floor === false;
        $row->update([
            'price_kept' => $row->standing === Standing::Followed ? $row->price_was : $priced->price_minor,
            'keep_kept' => $row->standing === Standing::Followed ? null : $priced->keep_minor,
            'price_agreed' => $byHand ? $priced->recipe_minor ?? 0 : $agreed->price->minor,
            'keep_agreed' => match (true) {
                ! $byHand => $agreed->keep,
                $recipe === null => null,
                default => ListingFigures::ring($stall, $priced, $recipe)?->keep->minor,
            },
            'under_floor' => $under,
        ]);
        if ($under && $row->standing === Standing::Kept) {
            $row->update(['standing' => Standing::Asks, 'rule' => 'your price falls under its floor']);
        }
    }
}
