<?php

declare(strict_types=1);

namespace WindowStall\Bench\Undo;

use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Bench\Events\StepReckoned;
use WindowStall\Bench\Events\StepTaken;
use WindowStall\Bench\Events\StepTakenBack;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ProjectListings;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/**
 * Makes every batch on the bench one step that can be taken back: before it, each listing it will touch is written down
 * whole; taking it back puts them so again. Figures are worked out anew, so prices never come back stale.
 *
 * The rows are locked while a step is done, in the order of their numbers: of two at once, the second sees what the
 * first did.
 */
final readonly class Undo
{
    /** Listings whose figures are worked out anew at a time. */
    public const CHUNK = 200;

    /** How long a step can be taken back; what it takes for that is thrown away then (config/kept.php). */
    public const DAYS = 90;

    public function __construct(private ProjectListings $project)
    {
    }

    /**
     * Does something to listings and keeps how they stood before. They are locked while it is done, and nothing else is:
     * whoever asks somebody outside does so before.
     *
     * @template T
     *
     * @param  list<int>  $listingIds  those it will touch
     * @param  callable(BenchChange): StepDone<T>  $do
     * @return array{BenchChange, T}
     *
     * @throws Refusal when one of them isn't in this stall
     */
    public function whileLocked(Stall $stall, ?User $by, array $listingIds, callable $do): array
    {
        return DB::transaction(function () use ($stall, $by, $listingIds, $do): array {
            $change = $this->begin($stall, $by, apart: false);
            $done = $this->during($stall, $change, $listingIds, $do);
            $this->end($change, $done->words);

            return [$change, $done->result];
        });
    }

    /** A step that is done bit by bit: begun, some listings at a time, and ended with what was done. */
    public function begin(Stall $stall, ?User $by, bool $apart, string $words = 'under way'): BenchChange
    {
        return BenchChange::query()->create([
            'stall_id' => $stall->id,
            'user_id' => $by?->id,
            'words' => $words,
            'apart' => $apart,
        ]);
    }

    /**
     * @template T
     *
     * @param  list<int>  $listingIds
     * @param  callable(BenchChange): T  $do
     * @param  Touched|null  $touched  what of them it touches; null for anything
     * @return T
     *
     * @throws Refusal when one of them isn't in this stall
     */
    public function during(
        Stall $stall,
        BenchChange $change,
        array $listingIds,
        callable $do,
        ?Touched $touched = null,
    ): mixed {
        return DB::transaction(function () use ($stall, $change, $listingIds, $do, $touched): mixed {
            $this->lock($stall, $listingIds);
            Snapshot::take($change, $listingIds, $touched);
            $done = $do($change);
            $this->turn($listingIds);
            $made = $done instanceof StepDone ? $done->made : [];
            $this->made($change, $made);
            event(new StepTaken($change, $listingIds, $made));
            event(new ListingsChanged($stall, array_values(array_unique([...$listingIds, ...$made]))));

            return $done;
        });
    }

    /** @param  list<int>  $listings  that the step made: taking it back removes them */
    public function made(BenchChange $change, array $listings): void
    {
        Snapshot::created($change, $listings);
    }

    public function end(BenchChange $change, string $words): void
    {
        $change->update(['words' => mb_substr($words, 0, 200)]);
    }

    /**
     * Takes a step back, or some of its listings.
     *
     * @param  list<int>|null  $only  listings; all of the step when null
     * @param  (callable(int): void)|null  $progress  told how many are done
     *
     * @throws Refusal when it was taken back already, or something was done to the same listings since
     */
    public function take(Stall $stall, BenchChange $change, ?array $only = null, ?callable $progress = null): void
    {
        $ids = DB::transaction(fn (): array => $this->put($stall, $change, $only));
        foreach (array_chunk($ids, self::CHUNK) as $n => $some) {
            ($this->project)($stall, $some);
            if ($progress !== null) {
                $progress($n * self::CHUNK + count($some));
            }
        }
        event(new StepReckoned($stall));
    }

    /** How many listings a step touched and made that aren't taken back yet. */
    public function size(Stall $stall, BenchChange $change): int
    {
        return Snapshot::open($stall, $change)->count();
    }

    /**
     * @param  list<int>|null  $only
     * @return list<int> the listings that stand as before
     */
    private function put(Stall $stall, BenchChange $change, ?array $only): array
    {
        $locked = BenchChange::query()
            ->whereKey($change->id)
            ->where('stall_id', $stall->id)
            ->lockForUpdate()
            ->firstOrFail();
        /** @var Collection<int, bool> $parts listing → whether the step made it */
        $parts = Snapshot::open($stall, $locked)->pluck('made', 'listing_id');
        if ($only !== null && ! $locked->apart && $parts->except($only)->isNotEmpty()) {
            throw new Refusal('In this step things went from one listing to another. Take it back as a whole.');
        }
        $parts = $only === null ? $parts : $parts->only($only);
        if ($parts->isEmpty() && $locked->undone_at === null && $only === null) {
            throw new Refusal(sprintf('Steps can be taken back for %d days; this one is older.', self::DAYS));
        }
        if ($parts->isEmpty()) {
            throw new Refusal('That was taken back already.');
        }
        $ids = array_values(array_map(intval(...), $parts->keys()->all()));
        $this->refuseIfTouchedSince($locked, $ids);
        DB::table('listings')
            ->where('stall_id', $stall->id)
            ->whereIn('id', $ids)
            ->orderBy('id')
            ->lockForUpdate()
            ->pluck('id');
        Snapshot::put($locked, $ids);
        event(new StepTakenBack($locked, $ids));
        event(new ListingsChanged($stall, $ids));
        Listing::query()
            ->withTrashed()
            ->where('stall_id', $stall->id)
            ->whereKey($parts->filter()->keys()->all())
            ->forceDelete();
        $this->turn($ids);
        Snapshot::close($locked, $ids);
        if (! Snapshot::open($stall, $locked)->exists()) {
            $locked->update(['undone_at' => now()]);
        }

        return array_values(array_map(intval(...), $parts->reject(fn ($made): bool => (bool) $made)->keys()->all()));
    }

    /** @param  list<int>  $ids */
    private function turn(array $ids): void
    {
        Listing::query()->withTrashed()->whereKey($ids)->increment('version');
    }

    /** @param  list<int>  $ids */
    private function lock(Stall $stall, array $ids): void
    {
        if (Listing::lock($stall, $ids) !== count(array_unique($ids))) {
            throw new Refusal('One of these listings is gone. Load the page again.');
        }
    }

    /** @param  list<int>  $ids */
    private function refuseIfTouchedSince(BenchChange $change, array $ids): void
    {
        $later = Snapshot::later($change, $ids);
        if ($later !== null) {
            throw new Refusal(
                sprintf('Something was done to the same listings since (%s). Take that back first.', $later->words),
            );
        }
    }
}
