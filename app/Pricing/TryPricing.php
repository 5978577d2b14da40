<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Bench\MayBeSold;
use WindowStall\Core\Pricing\Listing\PricedBy;
use WindowStall\Core\Pricing\Listing\PricedOnce;
use WindowStall\Core\Pricing\Listing\TrialTally;
use WindowStall\Pricing\Views\TrialFiguresView;
use WindowStall\Pricing\Views\TrialMarketView;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;

/**
 * Prices every variant as it would be with other costs or recipes, next to the price list as it stands; nothing is
 * written.
 *
 * @phpstan-import-type Changes from CostSheet
 * @phpstan-import-type Move from TrialTally
 */
final class TryPricing
{
    /** Variants between two words of how far it is. */
    private const SAY_EVERY = 5_000;

    /** @var array<int, int|null> variant → its price in the home market, as the trial has it */
    private array $home = [];

    /**
     * What comes of it in the home market.
     *
     * @param  Changes  $changes
     * @param  (callable(int): void)|null  $progress  told how many variants are tried
     */
    public function __invoke(Stall $stall, array $changes, ?callable $progress = null): TrialTally
    {
        $this->home = [];

        return $this->tally($stall, $changes, $stall->home_market, RecentSales::pieces($stall), $progress);
    }

    /** Works the figures of a trial out and keeps them with it: the home market's first, then every other's. */
    public function keep(Stall $stall, PricingChange $trial): void
    {
        $start = hrtime(true);
        $tally = $this($stall, $trial->changes, static function (int $tried) use ($trial): void {
            Cache::put(self::progressKey($trial), $tried, 600);
        });
        $took = (hrtime(true) - $start) / 1e9;
        $others = array_values(array_diff($stall->soldTo(), [$stall->home_market]));
        $this->write($trial, TrialFiguresView::of($stall, $trial->changes, $tally, $took, $others === [] ? [] : null));
        if ($others !== []) {
            $views = array_map(
                fn (string $market): TrialMarketView => TrialMarketView::of(
                    $market,
                    $this->tally($stall, $trial->changes, $market, []),
                ),
                $others,
            );
            $this->write($trial, TrialFiguresView::of($stall, $trial->changes, $tally, $took, $views));
        }
        Cache::forget(self::progressKey($trial));
        $trial->refresh();
    }

    /** How many variants a trial that is being worked out has tried. */
    public static function tried(PricingChange $trial): int
    {
        return (int) Cache::get(self::progressKey($trial), 0);
    }

    /**
     * @param  list<Move>  $moves
     * @return array<int, string> variant → what it is called
     */
    public static function names(array $moves): array
    {
        return DB::table('listing_variants as v')
            ->join('listings as l', 'l.id', '=', 'v.listing_id')
            ->join('supplier_variants as s', 's.id', '=', 'v.supplier_variant_id')
            ->whereIn('v.id', array_column($moves, 'variant'))
            ->selectRaw("v.id, l.shown_title || CASE WHEN s.label = '' THEN '' ELSE ', ' || s.label END AS name")
            ->pluck('name', 'id')
            ->map(strval(...))
            ->all();
    }

    /**
     * @param  Changes  $changes
     * @param  array<int, int>  $sold  variant → pieces sold lately
     * @param  (callable(int): void)|null  $progress
     */
    private function tally(
        Stall $stall,
        array $changes,
        string $market,
        array $sold,
        ?callable $progress = null,
    ): TrialTally {
        $stall->loadMissing(['rates', 'recipes', 'marketRows']);
        $sheet = CostSheet::of($stall, $changes);
        $atHome = $market === $stall->home_market;
        $tally = new TrialTally();
        $facts = new PriceFacts($stall, $sheet, $market, $atHome ? null : $this->home);
        foreach ($facts->read(null, switchedOn: true) as $listing) {
            foreach ($facts->pricer($listing['rows'])->listing($listing['variants'], $listing['spread']) as $n => $price) {
                $tally->add($price->id, self::before($listing['rows'][$n]), $price->once(), $sold[$price->id] ?? 0);
                if ($atHome) {
                    $this->home[$price->id] = $price->price?->minor;
                }
                if ($progress !== null && $tally->variants % self::SAY_EVERY === 0) {
                    $progress($tally->variants);
                }
            }
        }

        return $tally;
    }

    private static function before(\stdClass $row): PricedOnce
    {
        return new PricedOnce(
            $row->price_minor,
            $row->keep_minor,
            $row->margin_bp,
            MayBeSold::isUnderFloor($row->above_floor_minor, $row->keep_minor),
            $row->priced_by === PricedBy::Recipe->value ? (int) $row->recipe_id : 0,
        );
    }

    /** Keeps figures, unless something else is tried by now. */
    private function write(PricingChange $trial, TrialFiguresView $figures): void
    {
        PricingChange::query()
            ->whereKey($trial->id)
            ->whereRaw('changes = ?::jsonb', [json_encode($trial->changes, JSON_THROW_ON_ERROR)])
            ->update(['figures' => json_encode($figures, JSON_THROW_ON_ERROR)]);
    }

    private static function progressKey(PricingChange $trial): string
    {
        return 'trial-'.$trial->id;
    }
}
