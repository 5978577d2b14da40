<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Pricing\PricedOnce;
use WindowStall\Core\Pricing\TrialTally;
use WindowStall\Pricing\Views\TrialFiguresView;
use WindowStall\Stall\Stall;

/**
 * Prices every variant as it would be with other costs or recipes, next to the price list as it stands; nothing is written.
 *
 * @phpstan-import-type Changes from CostSheet
 */
final class TryPricing
{
    /** @param  Changes  $changes */
    public function __invoke(Stall $stall, array $changes): TrialTally
    {
        $stall->loadMissing(['rates', 'recipes', 'marketRows']);
        $market = $stall->home_market;
        $sheet = CostSheet::of($stall, $changes);
        $pricer = $sheet->pricer($market);
        $sold = Sold::pieces($stall);
        $tally = new TrialTally;
        foreach ((new PriceFacts($stall, $sheet, $market, freeze: ! isset($changes['rates'])))->read(null, switchedOn: true) as $listing) {
            foreach ($pricer->listing($listing['variants'], $listing['spread']) as $n => $price) {
                $row = $listing['rows'][$n];
                $tally->add($price->id, new PricedOnce(
                    $row->price_minor === null ? null : (int) $row->price_minor, $row->keep_minor === null ? null : (int) $row->keep_minor, $row->margin_bp === null ? null : (int) $row->margin_bp,
                    $row->above_floor_minor === null ? (int) $row->keep_minor < 0 : (int) $row->above_floor_minor < 0,
                ), $price->once(), $sold[$price->id] ?? 0);
            }
        }

        return $tally;
    }

    /** Works the figures of a trial out and keeps them with it. */
    public function keep(Stall $stall, PricingChange $trial): void
    {
        $start = hrtime(true);
        $tally = $this($stall, $trial->changes);
        $trial->update(['figures' => json_decode((string) json_encode(TrialFiguresView::of($stall, $tally, (hrtime(true) - $start) / 1e9)), true)]);
    }

    /**
     * @param  list<array{variant: int, before: int, after: int, movedBp: int}>  $moves
     * @return array<int, string> variant → what it is called
     */
    public static function names(array $moves): array
    {
        return DB::table('listing_variants as v')->join('listings as l', 'l.id', '=', 'v.listing_id')->join('supplier_variants as s', 's.id', '=', 'v.supplier_variant_id')->whereIn('v.id', array_column($moves, 'variant'))
            ->selectRaw("v.id, l.shown_title || CASE WHEN s.label = '' THEN '' ELSE ', ' || s.label END AS name")->pluck('name', 'id')->map(strval(...))->all();
    }
}
