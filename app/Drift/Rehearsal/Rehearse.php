<?php

declare(strict_types=1);

namespace WindowStall\Drift\Rehearsal;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Drift\Guards\Weighed;
use WindowStall\Core\Drift\Rehearsal\Outcome;
use WindowStall\Core\Drift\Rehearsal\PricesAtCosts;
use WindowStall\Core\Drift\Rehearsal\Replay;
use WindowStall\Drift\Rules\RuleBook;
use WindowStall\Pricing\PriceFacts;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunKind;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;

/**
 * Plays what suppliers changed in the last days again, under the rules as they are and under those that are tried, next
 * to what happened. Prices are made by today's recipes, fees and rates; what is the seller's own today counts as theirs
 * then.
 */
final readonly class Rehearse
{
    public const DAYS = 30;

    /** Changes that were put to a person, that went through, and before which the seller's word stood. */
    private const HAPPENED = <<<'SQL'
        SELECT count(*) FILTER (WHERE asked OR COALESCE(stood, standing) IN ('asks', 'settled')) AS asked,
               count(*) FILTER (WHERE COALESCE(stood, standing) = 'followed') AS followed,
               count(*) FILTER (WHERE COALESCE(stood, standing) = 'kept') AS kept,
               count(*) FILTER (WHERE under_floor) AS paused
        FROM drift_changes
        WHERE stall_id = :stall
          AND at >= :since
        SQL;

    /**
     * @param  callable(int, int): void  $progress  told how many listings are played, and of how many
     */
    public function __invoke(Stall $stall, RuleBook $now, RuleBook $tried, callable $progress): Rehearsed
    {
        $since = Carbon::now()->subDays(self::DAYS);
        $stall->loadMissing(['rates', 'recipes', 'marketRows']);
        $sheet = CostSheet::of($stall);
        $facts = new PriceFacts($stall, $sheet, $stall->home_market, agreed: true);
        $records = new Records($stall, $facts, $since);
        $pulls = self::pulls($stall, $since, $now, $tried);
        $rehearsed = new Rehearsed(self::happened($stall, $since), new Outcome, new Outcome, $pulls);
        $asideNow = array_filter($pulls, static fn (RehearsedPull $p): bool => $p->now !== null);
        $asideTried = array_filter($pulls, static fn (RehearsedPull $p): bool => $p->tried !== null);
        $listings = $records->listings();
        $n = 0;
        foreach ($records->of($listings) as $listing) {
            $pricing = new PricesOfListing($facts, $facts->pricer($listing->rows), $listing);
            $rehearsed->happened->add(self::sold($listing, $pricing));
            $rehearsed->now->add(self::play($listing, $now, $pricing, $asideNow));
            $rehearsed->tried->add(self::play($listing, $tried, $pricing, $asideTried));
            if (++$n % 50 === 0) {
                $progress($n, count($listings));
            }
        }

        return $rehearsed;
    }

    /**
     * @param  array<int, RehearsedPull>  $aside  pulls that are set aside under these rules
     */
    private static function play(
        RecordedListing $listing,
        RuleBook $rules,
        PricesAtCosts $pricing,
        array $aside,
    ): Outcome {
        $replay = new Replay(
            $rules->policies($listing->connection, $listing->own),
            $listing->said,
            $listing->prices,
            $listing->versions[0][1],
            $pricing,
        );
        $unseen = array_filter($aside, static fn (RehearsedPull $p): bool => $p->connection === $listing->connection);
        $bought = $listing->bought;
        foreach (array_slice($listing->versions, 1) as [$at, $said]) {
            while ($bought !== [] && $bought[0]['at'] < $at) {
                $one = array_shift($bought);
                $replay->bought($one['variant'], $one['pieces']);
            }
            if (array_filter($unseen, static fn (RehearsedPull $p): bool => $p->brought($at)) === []) {
                $replay->said($said);
            }
        }
        foreach ($bought as $one) {
            $replay->bought($one['variant'], $one['pieces']);
        }

        return $replay->outcome;
    }

    /**
     * What was sold, at the prices that were paid and the costs of the day.
     */
    private static function sold(RecordedListing $listing, PricesAtCosts $pricing): Outcome
    {
        $outcome = new Outcome;
        foreach ($listing->bought as $one) {
            $item = $listing->versions[0][1];
            foreach ($listing->versions as [$at, $said]) {
                $item = $at <= $one['at'] ? $said : $item;
            }
            $cost = $item->variant($one['variant'])?->cost->minor;
            if ($cost !== null) {
                $costs = [$one['variant'] => $cost];
                $priced = $pricing->priced($costs, $costs, [$one['variant'] => $one['price']])[$one['variant']] ?? null;
                $outcome->sold += $one['pieces'];
                $outcome->soldUnder += $priced?->underFloor === true ? $one['pieces'] : 0;
                $outcome->keep += $one['pieces'] * ($priced->keep ?? 0);
            }
        }

        return $outcome;
    }

    private static function happened(Stall $stall, Carbon $since): Outcome
    {
        $row = (array) DB::selectOne(self::HAPPENED, ['stall' => $stall->id, 'since' => $since]);

        return Outcome::from(array_map(intval(...), $row));
    }

    /** @return list<RehearsedPull> those that were set aside, or would be */
    private static function pulls(Stall $stall, Carbon $since, RuleBook $now, RuleBook $tried): array
    {
        $pulls = [];
        $names = SupplierConnection::of($stall)->pluck('name', 'id');
        $runs = Run::of($stall)->where('kind', RunKind::Pull)->where('started_at', '>=', $since)
            ->whereNotNull('subject->weighed')->orderBy('id')->get();
        foreach ($runs as $run) {
            $weighed = Weighed::from((array) $run->subject['weighed']);
            $supplier = (string) ($names->get($run->connection_id) ?? 'a supplier');
            $pull = RehearsedPull::of($run, $supplier, $weighed, $now, $tried);
            if ($pull->happened || $pull->now !== null || $pull->tried !== null) {
                $pulls[] = $pull;
            }
        }

        return $pulls;
    }
}
