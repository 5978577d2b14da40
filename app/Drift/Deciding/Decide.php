<?php

declare(strict_types=1);

namespace WindowStall\Drift\Deciding;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ProjectListings;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Bench\Undo\StepDone;
use WindowStall\Bench\Undo\Undo;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Standing;
use WindowStall\Core\Facts\Policy;
use WindowStall\Core\Words\Plural;
use WindowStall\Drift\DriftChange;
use WindowStall\Drift\Following\JudgeListings;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/**
 * A person decides about changes: they count, or what was agreed stays as the seller's own word. Each time one step.
 */
final readonly class Decide
{
    /** Changes that are decided at a time, so that a request ends well within its time; the desk shows what is left. */
    public const MOST = 1_000;

    public function __construct(private Undo $undo, private ProjectListings $project, private CarryOut $carryOut)
    {
    }

    /**
     * @param  User|null  $by  null where a program decides
     * @param  list<int>  $ids  changes; those of other stalls, and those decided meanwhile, are passed over
     * @param  bool  $agree  whether they count; else what was agreed is kept
     * @param  'once'|'listing'|'supplier'  $for  whether from now on the same is done by itself, and for what
     *
     * @throws Refusal where none of them waits any more
     */
    public function __invoke(Stall $stall, ?User $by, array $ids, bool $agree, string $for = 'once'): BenchChange
    {
        $open = fn (): Collection => $this->open($stall, $this->withSamePrices($stall, $ids), [Standing::Asks]);

        return $agree
            ? $this->decide($stall, $by, $ids, $open, Standing::Agreed, $for, 'agreed to %s')
            : $this->decide($stall, $by, $ids, $open, Standing::Kept, $for, 'kept what was agreed in %s');
    }

    /**
     * Sets back what was followed by itself, or agreed to: what was said before becomes the seller's own word.
     *
     * @param  list<int>  $ids
     *
     * @throws Refusal where none of them can be set back
     */
    public function setBack(Stall $stall, ?User $by, array $ids): BenchChange
    {
        $named = array_slice($ids, 0, self::MOST);
        $open = fn (): Collection => $this->open($stall, $named, [Standing::Followed, Standing::Agreed])
            ->filter(static fn (DriftChange $change): bool => $change->kind->waits())->values();

        return $this->decide($stall, $by, $ids, $open, Standing::Kept, 'once', 'set back %s');
    }

    /**
     * @param  list<int>  $ids  what was named
     * @param  callable(): Collection<int, DriftChange>  $open  what is decided, looked for once nobody else can decide
     *     it
     * @param  string  $words  with a place for how many
     */
    private function decide(
        Stall $stall,
        ?User $by,
        array $ids,
        callable $open,
        Standing $as,
        string $for,
        string $words,
    ): BenchChange {
        [$step, $listings] = DB::transaction(function () use ($stall, $by, $ids, $open, $as, $for, $words): array {
            $found = $open();
            if ($found->isEmpty()) {
                throw new Refusal('None of that waits any more: it was decided meanwhile, or the supplier took it back.');
            }
            $listings = array_values(array_unique(array_map(intval(...), $found->pluck('listing_id')->all())));
            $do = function (BenchChange $step) use ($stall, $by, $found, $as, $words): StepDone {
                $agreed = $as === Standing::Agreed;
                $ofCost = static fn (DriftChange $change): bool => $change->kind->prices();
                $this->carryOut->costs($found->filter($ofCost), $agreed);
                foreach ($found->reject($ofCost) as $change) {
                    ($this->carryOut)($stall, $change, $agreed);
                }
                DriftChange::query()->whereKey($found->modelKeys())->update([
                    'stood' => DB::raw('standing'),
                    'standing' => $as,
                    'change_id' => $step->id,
                    'decided_by' => $by?->id,
                    'decided_at' => Carbon::now(),
                ]);

                return new StepDone(sprintf($words, self::count($found->count())));
            };
            [$step] = $this->undo->whileLocked($stall, $by, $listings, $do);
            $policy = $as === Standing::Agreed ? Policy::Follow : Policy::Keep;
            $this->fromNowOn($stall, $found->whereIn('id', $ids), $policy, $for, $step);
            JudgeListings::count($listings);

            return [$step, $listings];
        });
        ($this->project)($stall, $listings);

        return $step;
    }

    /**
     * A variant has one price: whoever says what becomes of it has answered all that asks about it, be it for its cost or
     * for its delivery.
     *
     * @param  list<int>  $ids
     * @return list<int>
     */
    private function withSamePrices(Stall $stall, array $ids): array
    {
        $named = array_slice($ids, 0, self::MOST);
        $of = DriftChange::query()->where('stall_id', $stall->id)->whereIn('kind', ChangeKind::PRICES);
        $variants = $of->clone()->whereKey($named)->whereNotNull('listing_variant_id')->select('listing_variant_id');
        $same = $of->where('standing', Standing::Asks)->whereIn('listing_variant_id', $variants)->pluck('id');

        return array_values(array_unique([...$named, ...array_map(intval(...), $same->all())]));
    }

    /**
     * @param  list<int>  $ids
     * @param  list<Standing>  $standing
     * @return Collection<int, DriftChange>
     */
    private function open(Stall $stall, array $ids, array $standing): Collection
    {
        $asked = DriftChange::query()->where('stall_id', $stall->id)->whereKey($ids);
        Listing::lock($stall, $asked->clone()->distinct()->pluck('listing_id')->map(intval(...))->all());

        return $asked->whereIn('standing', $standing)->whereHas('listing')->with('listingVariant')
            ->orderBy('id')->lockForUpdate()->get();
    }

    /** @param  Collection<int, DriftChange>  $found */
    private function fromNowOn(Stall $stall, Collection $found, Policy $policy, string $for, BenchChange $step): void
    {
        $facts = static function (Collection $some) use ($policy): array {
            $rules = [];
            foreach ($some as $change) {
                /** @var DriftChange $change */
                if (in_array($policy, $change->kind->fact()->choices(), true)) {
                    $rules[$change->kind->fact()->value] = $policy->value;
                }
            }

            return $rules;
        };
        if ($for === 'listing') {
            foreach ($found->groupBy('listing_id') as $id => $some) {
                $listing = Listing::of($stall)->findOrFail($id);
                $listing->update(['own_policies' => $facts($some) + $listing->own_policies]);
            }
        }
        foreach ($for === 'supplier' ? $found->groupBy('connection_id') : [] as $id => $some) {
            $connection = SupplierConnection::query()->where('stall_id', $stall->id)->lockForUpdate()->findOrFail($id);
            DB::table('drift_rule_changes')->insert([
                'change_id' => $step->id,
                'stall_id' => $stall->id,
                'connection_id' => $connection->id,
                'before' => json_encode((object) $connection->policies, JSON_THROW_ON_ERROR),
            ]);
            $connection->update(['policies' => $facts($some) + $connection->policies]);
        }
    }

    private static function count(int $n): string
    {
        return Plural::of($n, 'change of a supplier', 'changes of suppliers');
    }
}
