<?php

declare(strict_types=1);

namespace WindowStall\Bench\Carrying;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Patch\PatchListings;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Bench\Undo\Undo;
use WindowStall\Core\Feeds\Reject;
use WindowStall\Core\Words\Plural;
use WindowStall\Source\Feeds\FeedTrouble;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;

/**
 * Brings listings in that went out before, changed by hand or by a program. Only what differs is written, all of it is
 * one step that can be taken back, and a row that can't be used is left out with the reason.
 *
 * A listing is known by its number; in another stall by its supplier and item, and is taken to the bench if it isn't
 * there yet.
 *
 * @phpstan-import-type Record from ListingFile
 */
final readonly class ImportListings
{
    /** Listings written at a time, each time whole. */
    private const CHUNK = 50;

    public function __construct(
        private Undo $undo,
        private PatchListings $patch,
        private FindRecords $find,
        private ReadRecord $read,
    ) {
    }

    /**
     * @param  BenchChange|null  $change  the step to go on with, when this was begun before and broke off
     * @param  (callable(int, list<Reject>, BenchChange|null): void)|null  $progress  told how many listings are read,
     *     what of the last of them was left out, and the step; it may throw to stop
     *
     * @throws FeedTrouble when the file breaks off or can't be read on; what was written till then stays
     */
    public function __invoke(
        Stall $stall,
        ?User $by,
        ListingFile $file,
        ?BenchChange $change = null,
        ?callable $progress = null,
    ): Imported {
        $done = new Imported($change);
        $chunk = [];
        foreach ($file->records() as $n => $record) {
            $chunk[] = $record;
            if (count($chunk) === self::CHUNK) {
                $this->chunk($stall, $by, $chunk, $done);
                $progress === null ?: $progress($n + 1, $done->takeRejects(), $done->change);
                $chunk = [];
            }
        }
        $this->chunk($stall, $by, $chunk, $done);
        if ($done->change !== null) {
            $this->undo->end(
                $done->change,
                Plural::of($done->changed, 'listing').' brought in',
            );
        }

        return $done;
    }

    /** @param  list<Record>  $records */
    private function chunk(Stall $stall, ?User $by, array $records, Imported $done): void
    {
        $differ = [];
        [$found, $taken] = $this->find->all($stall, $records, $done->rejects);
        foreach ($found as $n => $listing) {
            $new = in_array($listing->id, $taken, true);
            if ($new || ! $this->read->patch($stall, $listing, $records[$n], $done->rejects)->isEmpty()) {
                $differ[$listing->id][] = $records[$n];
            }
        }
        $done->taken += count($taken);
        if ($differ === []) {
            return;
        }
        $done->change ??= $this->undo->begin($stall, $by, apart: true, words: 'listings brought in');
        $done->changed += count($this->write($stall, $done->change, $differ, $taken));
    }

    /**
     * Worked out once more from how the listings stand now that nobody else can write them. Where a file says several
     * things of one listing, the last of them holds.
     *
     * @param  non-empty-array<int, non-empty-list<Record>>  $records  by listing
     * @param  list<int>  $taken
     * @return array<int, true> listings in which something was written
     */
    private function write(Stall $stall, BenchChange $step, array $records, array $taken): array
    {
        return DB::transaction(function () use ($stall, $step, $records, $taken): array {
            $this->undo->made($step, $taken);
            $written = [];
            for ($n = 0; $n < max(array_map(count(...), $records)); $n++) {
                $round = array_filter(array_map(static fn (array $of): ?array => $of[$n] ?? null, $records));
                $written += array_fill_keys(array_keys($this->patch->within(
                    $stall,
                    $step,
                    array_keys($round),
                    fn (): array => $this->patches($stall, $round),
                )), true);
            }

            return $written;
        });
    }

    /**
     * @param  array<int, Record>  $records  by listing
     * @return array<int, ListingPatch>
     */
    private function patches(Stall $stall, array $records): array
    {
        $told = [];

        return Listing::of($stall)
            ->with(Listing::FOR_FIGURES)
            ->whereKey(array_keys($records))
            ->get()
            ->keyBy('id')
            ->map(
                function (Listing $listing) use ($stall, $records, &$told): ListingPatch {
                    return $this->read->patch($stall, $listing, $records[$listing->id], $told);
                },
            )
            ->all();
    }
}
