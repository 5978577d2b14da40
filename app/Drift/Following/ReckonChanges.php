<?php

declare(strict_types=1);

namespace WindowStall\Drift\Following;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Events\StepReckoned;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\Prices\Price;
use WindowStall\Bench\ProjectListings;
use WindowStall\Core\Bench\MayBeSold;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Docket\Reckoned;
use WindowStall\Core\Drift\Ruling;
use WindowStall\Core\Drift\Standing;
use WindowStall\Core\Facts\Policies;
use WindowStall\Core\Pricing\Listing\VariantPrice;
use WindowStall\Drift\DriftChange;
use WindowStall\Drift\Rules\Rules;
use WindowStall\Pricing\PricesIfAgreed;
use WindowStall\Stall\Stall;
use WindowStall\Support\Ids;
use WindowStall\Support\PgArray;

/**
 * Works out what changed costs do in money once prices are made anew: for each, one sale at home if what was agreed
 * stays, and if the change counts. A price that stands and fell under its floor is a question, whatever the rules say.
 */
final readonly class ReckonChanges
{
    private const CHUNK = 2_500;

    private const WAITING = <<<'SQL'
        SELECT DISTINCT listing_id AS id
        FROM listing_variants
        WHERE listing_id = ANY (?::bigint[])
          AND (waiting_price_minor IS NOT NULL OR own_price_minor IS NOT NULL)
        SQL;

    /**
     * Changes that were followed, in listings in which nothing waits and nothing is by hand: the price that stands is
     * the one that would be agreed to.
     */
    private const PLAIN = <<<'SQL'
        WITH open AS (
            SELECT change.id, change.listing_id, change.listing_variant_id, change.rule, change.price_was, change.raised
            FROM drift_changes AS change
            WHERE change.stall_id = :stall
              AND change.kind IN (:cost, :delivery)
              AND change.standing = :followed
              AND change.price_agreed IS NULL
        ), held AS (
            SELECT DISTINCT variant.listing_id
            FROM listing_variants AS variant
            WHERE variant.listing_id IN (SELECT listing_id FROM open)
              AND (variant.waiting_price_minor IS NOT NULL OR variant.own_price_minor IS NOT NULL)
        )
        SELECT open.id, open.rule, open.price_was, open.raised, price.price_minor, price.keep_minor,
               price.above_floor_minor, variant.own_under_floor
        FROM open
        JOIN listing_variants AS variant ON variant.id = open.listing_variant_id
        JOIN prices AS price ON price.listing_variant_id = variant.id AND price.market = :home
        WHERE price.price_minor IS NOT NULL
          AND open.listing_id NOT IN (SELECT listing_id FROM held)
        SQL;

    /** What a person decided meanwhile stands; it is reckoned the next time. */
    private const WRITE = <<<'SQL'
        UPDATE drift_changes AS change
        SET asked = change.asked OR change.standing = 'asks',
            standing = reckoned.standing,
            rule = reckoned.rule,
            price_kept = reckoned.price_kept,
            keep_kept = reckoned.keep_kept,
            price_agreed = reckoned.price_agreed,
            keep_agreed = reckoned.keep_agreed,
            under_floor = reckoned.under_floor,
            raised = reckoned.raised
        FROM jsonb_to_recordset(?::jsonb) AS reckoned (
            id bigint, stood text, standing text, rule text, price_kept bigint, keep_kept bigint,
            price_agreed bigint, keep_agreed bigint, under_floor boolean, raised boolean
        )
        WHERE reckoned.id = change.id
          AND reckoned.stood = change.standing
        SQL;

    /** @param  bool  $inBulk  whether what needs no looking at is written by one statement; off, it comes to the same */
    public function __construct(private ProjectListings $project, private bool $inBulk = true)
    {
    }

    public function __invoke(Stall $stall): void
    {
        $leapt = $this->once($stall);
        if ($leapt !== []) {
            ($this->project)($stall, $leapt);
            $this->once($stall);
        }
    }

    /** After a step was taken back what it asked about may have moved. */
    public function handle(StepReckoned $step): void
    {
        $this($step->stall);
    }

    /** @return list<int> listings with a price that leapt and waits now, or that was raised to its floor */
    private function once(Stall $stall): array
    {
        $leapt = [];
        if ($this->inBulk) {
            $this->plain($stall);
        }
        DriftChange::query()
            ->where('stall_id', $stall->id)
            ->whereIn('kind', ChangeKind::PRICES)
            ->whereIn('standing', [Standing::Followed, Standing::Asks, Standing::Kept])
            ->whereNull('price_agreed')
            ->whereNotNull('listing_variant_id')
            ->with(['listingVariant.prices', 'connection', 'listing'])
            ->chunkById(self::CHUNK, function (Collection $rows) use ($stall, &$leapt): void {
                $listings = array_values(array_unique(array_map(intval(...), $rows->pluck('listing_id')->all())));
                // Where nothing waits and nothing is by hand, the price that stands is the one that would be agreed to.
                $waiting = Ids::of(self::WAITING, [PgArray::numbers($listings)]);
                $agreed = PricesIfAgreed::of($stall, $waiting);
                $waiting = array_fill_keys($waiting, true);
                DB::transaction(function () use ($stall, $rows, $agreed, $waiting, $listings, &$leapt): void {
                    Listing::lock($stall, $listings);
                    foreach ($rows as $row) {
                        $stands = ! isset($waiting[$row->listing_id]);
                        $price = $agreed[$row->listing_variant_id] ?? null;
                        if ($this->figures($stall, $row, $price, $stands) && $this->ruled($stall, $row)) {
                            $leapt[$row->listing_id] = true;
                        }
                    }
                    self::write($rows);
                    JudgeListings::count($listings);
                });
            });

        return array_keys($leapt);
    }

    /** Most of them, read as rows; those whose price leaps are left to be looked at one by one. */
    private function plain(Stall $stall): void
    {
        $rows = DB::select(self::PLAIN, [
            'stall' => $stall->id,
            'home' => $stall->home_market,
            'cost' => ChangeKind::Cost->value,
            'delivery' => ChangeKind::Delivery->value,
            'followed' => Standing::Followed->value,
        ]);
        $reckoned = [];
        foreach ($rows as $row) {
            $was = $row->price_was;
            if ($row->raised || $was === null || Ruling::onPrice($was, $row->price_minor) === null) {
                $reckoned[] = [
                    'id' => $row->id,
                    'stood' => Standing::Followed,
                    'standing' => Standing::Followed,
                    'rule' => $row->rule,
                    'price_kept' => $was,
                    'keep_kept' => null,
                    'price_agreed' => $row->price_minor,
                    'keep_agreed' => $row->keep_minor,
                    'under_floor' => ! $row->own_under_floor && MayBeSold::isUnderFloor($row->above_floor_minor, $row->keep_minor),
                    'raised' => $row->raised,
                ];
            }
        }
        foreach (array_chunk($reckoned, self::CHUNK) as $some) {
            // Once more where somebody who decides about the same was in the way.
            $write = static fn (): int => DB::update(self::WRITE, [json_encode($some, JSON_THROW_ON_ERROR)]);
            DB::transaction($write, attempts: 3);
        }
    }

    /** @return bool whether prices have to be made once more: one leapt and waits now, or was raised to its floor */
    private function ruled(Stall $stall, DriftChange $row): bool
    {
        $variant = $row->listingVariant;
        // What was raised to its floor, or never had a price, doesn't leap.
        $was = $row->raised ? null : $row->price_was;
        $reckoned = Reckoned::of(
            stands: $row->standing,
            byHand: $variant?->own_price_minor !== null,
            was: $was,
            is: (int) $row->price_agreed,
            underFloor: (bool) $row->under_floor,
            policies: static fn (): Policies => Rules::for($stall, $row->connection, $row->listing),
        );
        $row->fill(['standing' => $reckoned->standing, 'rule' => $reckoned->rule ?? $row->rule]);
        // What it keeps at the price that stands is reckoned once that is made again.
        if ($reckoned->leaps) {
            $variant?->update(['waiting_price_minor' => $row->price_was]);
            $row->fill(['price_agreed' => null]);
        }
        // A price that stood makes way for the recipe's, by the seller's own rule; it can be set back like any other.
        if ($reckoned->raised) {
            $variant?->update(['waiting_price_minor' => null, 'own_price_minor' => null]);
            $row->fill(['price_agreed' => null, 'under_floor' => false, 'raised' => true]);
        }

        return $reckoned->leaps || $reckoned->raised;
    }

    /**
     * @param  bool  $stands  whether nothing of the listing waits: then the price as it stands is what would be agreed
     *     to
     * @return bool whether it has a price
     */
    private function figures(Stall $stall, DriftChange $row, ?VariantPrice $agreed, bool $stands): bool
    {
        $priced = $row->listingVariant?->priceIn($stall->home_market);
        $price = $stands ? $priced?->price_minor : $agreed?->price?->minor;
        if ($priced === null || $price === null) {
            // Not delivered home: there is nothing to reckon, and it isn't asked after again.
            $row->fill(['price_agreed' => 0, 'keep_agreed' => null]);

            return false;
        }
        // A price by hand makes way for the recipe's if the seller agrees to the cost.
        $byHand = $row->listingVariant?->own_price_minor !== null;
        $recipe = $stall->moneyOrNull($priced->recipe_minor);
        $under = $priced->underFloor() && $row->listingVariant?->own_under_floor === false;
        $row->fill([
            'price_kept' => $row->standing === Standing::Followed ? $row->price_was : $priced->price_minor,
            'keep_kept' => $row->standing === Standing::Followed ? null : $priced->keep_minor,
            'price_agreed' => $byHand ? $priced->recipe_minor ?? 0 : $price,
            'keep_agreed' => match (true) {
                ! $byHand => $stands ? $priced->keep_minor : $agreed?->keep,
                $recipe === null => null,
                default => ListingFigures::ring($stall, $priced, $recipe)?->keep->minor,
            },
            'under_floor' => $under,
        ]);

        return true;
    }

    /** @param  Collection<int, DriftChange>  $rows */
    private static function write(Collection $rows): void
    {
        $columns = [
            'id', 'standing', 'rule', 'price_kept', 'keep_kept', 'price_agreed', 'keep_agreed', 'under_floor', 'raised',
        ];
        $reckoned = $rows->map(static fn (DriftChange $row): array => [
            'stood' => $row->getOriginal('standing'),
        ] + $row->only($columns));
        DB::update(self::WRITE, [json_encode($reckoned->values()->all(), JSON_THROW_ON_ERROR)]);
    }
}
