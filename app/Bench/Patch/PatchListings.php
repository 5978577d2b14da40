<?php

declare(strict_types=1);

namespace WindowStall\Bench\Patch;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\ProjectListings;
use WindowStall\Bench\Stale;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Bench\Undo\Touched;
use WindowStall\Bench\Undo\Undo;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/**
 * Writes what sellers say of listings: whole or not at all, in one transaction, worked out anew once, as one step that
 * can be taken back.
 *
 * What is said is asked for once nobody else can write these listings, so that it can be worked out from how they
 * stand. A word that says what was said already is no change.
 */
final readonly class PatchListings
{
    private const WRITE_LISTINGS = <<<'SQL'
        UPDATE listings AS listing
        SET :columns, drafts = listing.drafts - :ended::text[], updated_at = now()
        FROM json_populate_recordset(NULL::listings, :said) AS said
        WHERE said.id = listing.id
          AND listing.stall_id = :stall
        SQL;

    private const WRITE_VARIANTS = <<<'SQL'
        UPDATE listing_variants AS variant
        SET :columns
        FROM json_populate_recordset(NULL::listing_variants, :said) AS said
        WHERE said.id = variant.id
          AND variant.stall_id = :stall
        SQL;

    public function __construct(private Undo $undo, private ProjectListings $project)
    {
    }

    /**
     * One patch for one listing.
     *
     * @param  int|null  $seen  the version the person saw; null where nobody looked
     *
     * @throws Refusal|Stale
     */
    public function one(Stall $stall, ?User $by, Listing $listing, ListingPatch $patch, ?int $seen = null): Patched
    {
        return $this->many(
            $stall,
            $by,
            [$listing->id],
            static fn (): array => [$listing->id => $patch],
            static fn (array $patches): string => PatchWords::of($patches[$listing->id]),
            $seen === null ? [] : [$listing->id => $seen],
        );
    }

    /**
     * @param  list<int>  $ids
     * @param  callable(Collection<int, Listing>): array<int, ListingPatch>  $say  by listing, from how they stand
     * @param  callable(array<int, ListingPatch>): string  $words  what was done
     * @param  array<int, int>  $seen  listing → the version the person saw
     *
     * @throws Refusal|Stale when one can't be written; then none is
     */
    public function many(
        Stall $stall,
        ?User $by,
        array $ids,
        callable $say,
        callable $words,
        array $seen = [],
    ): Patched {
        return DB::transaction(function () use ($stall, $by, $ids, $say, $words, $seen): Patched {
            $standing = $this->alone($stall, $ids, $seen);
            $patches = $this->differing($standing, $say($standing));
            if ($patches === []) {
                return new Patched(step: null, patches: []);
            }
            $step = $this->undo->begin($stall, $by, apart: true);
            $this->write($stall, $step, $patches);
            $this->undo->end($step, $words($patches));

            return new Patched($step, $patches);
        });
    }

    /**
     * As part of a step that goes on; whoever began it ends it.
     *
     * @param  list<int>  $ids
     * @param  callable(Collection<int, Listing>): array<int, ListingPatch>  $say
     * @return array<int, ListingPatch> what was written
     *
     * @throws Refusal
     */
    public function within(Stall $stall, BenchChange $step, array $ids, callable $say): array
    {
        return DB::transaction(function () use ($stall, $step, $ids, $say): array {
            $standing = $this->alone($stall, $ids, []);
            $patches = $this->differing($standing, $say($standing));
            $this->write($stall, $step, $patches);

            return $patches;
        });
    }

    /**
     * Nobody else writes them from here on; of two at once, the second sees what the first did.
     *
     * @param  list<int>  $ids
     * @param  array<int, int>  $seen
     * @return Collection<int, Listing> by their numbers
     */
    private function alone(Stall $stall, array $ids, array $seen): Collection
    {
        $standing = Listing::of($stall)->whereKey($ids)->orderBy('id')->lockForUpdate()->get()->keyBy('id');
        if ($standing->count() !== count(array_unique($ids))) {
            throw new Refusal('One of these listings is gone. Load the page again.');
        }
        foreach ($seen as $id => $version) {
            if ($standing[$id]?->version !== $version) {
                throw new Stale($id);
            }
        }

        return $standing;
    }

    /**
     * @param  Collection<int, Listing>  $standing
     * @param  array<int, ListingPatch>  $patches
     * @return array<int, ListingPatch> without what stands so already
     */
    private function differing(Collection $standing, array $patches): array
    {
        $differ = [];
        foreach ($patches as $id => $patch) {
            $listing = $standing[$id] ?? throw new \LogicException('A patch for a listing that isn’t locked.');
            $same = array_filter(
                array_keys($patch->own),
                static fn (string $column): bool => $listing->getAttribute($column) === $patch->own[$column]
                    && ! in_array(ListingPatch::DRAFTED[$column] ?? '', $listing->drafts, true),
            );
            $differ[$id] = $patch->without(array_values($same));
        }

        return array_filter($differ, static fn (ListingPatch $patch): bool => ! $patch->isEmpty());
    }

    /** @param  array<int, ListingPatch>  $patches */
    private function write(Stall $stall, BenchChange $step, array $patches): void
    {
        $this->refusePicturesOfOthers($stall, $patches);
        $this->refuseVariantsOfOthers($stall, $patches);
        $this->undo->during(
            $stall,
            $step,
            array_keys($patches),
            function () use ($stall, $patches): void {
                $this->writeListings($stall, $patches);
                $this->writeVariants($stall, $patches);
                ($this->project)($stall, array_keys($patches));
            },
            touched: self::touched($patches),
        );
    }

    /** @param  array<int, ListingPatch>  $patches */
    private static function touched(array $patches): Touched
    {
        $columns = [];
        foreach ($patches as $patch) {
            $columns += $patch->own;
        }

        return new Touched(
            columns: array_keys($columns),
            ended: array_values(array_unique(array_intersect_key(ListingPatch::DRAFTED, $columns))),
            variantsOf: array_keys(array_filter($patches, static fn (ListingPatch $p): bool => $p->variants !== [])),
        );
    }

    /** @param  array<int, ListingPatch>  $patches */
    private function writeListings(Stall $stall, array $patches): void
    {
        $rows = array_map(static fn (ListingPatch $patch): array => $patch->own, $patches);
        foreach (self::alike($rows) as $some) {
            $columns = array_keys(array_diff_key($some[0], ['id' => 0]));
            $ended = array_unique(array_values(array_intersect_key(ListingPatch::DRAFTED, array_flip($columns))));
            DB::update(strtr(self::WRITE_LISTINGS, [':columns' => self::set($columns)]), [
                'ended' => '{'.implode(',', $ended).'}',
                'said' => self::json($some),
                'stall' => $stall->id,
            ]);
        }
    }

    /** @param  array<int, ListingPatch>  $patches */
    private function writeVariants(Stall $stall, array $patches): void
    {
        $rows = [];
        foreach ($patches as $patch) {
            $rows += $patch->variants;
        }
        foreach (self::alike($rows) as $some) {
            $columns = array_keys(array_diff_key($some[0], ['id' => 0]));
            DB::update(strtr(self::WRITE_VARIANTS, [':columns' => self::set($columns)]), [
                'said' => self::json($some),
                'stall' => $stall->id,
            ]);
        }
    }

    /** @param  array<int, ListingPatch>  $patches */
    private function refusePicturesOfOthers(Stall $stall, array $patches): void
    {
        $wanted = array_filter(array_map(static fn (ListingPatch $p): ?array => $p->own['own_pictures'] ?? null, $patches));
        if ($wanted === []) {
            return;
        }
        $of = Picture::of($stall)->whereKey(array_merge(...array_values($wanted)))->pluck('listing_id', 'id');
        foreach ($wanted as $id => $pictures) {
            foreach ($pictures as $picture) {
                if (($of[$picture] ?? 0) !== $id) {
                    throw new Refusal('One of these pictures doesn’t belong to this listing. Load the page again.');
                }
            }
        }
    }

    /** @param  array<int, ListingPatch>  $patches */
    private function refuseVariantsOfOthers(Stall $stall, array $patches): void
    {
        $wanted = array_filter(array_map(static fn (ListingPatch $p): array => array_keys($p->variants), $patches));
        if ($wanted === []) {
            return;
        }
        $theirs = ListingVariant::query()
            ->where('stall_id', $stall->id)
            ->whereIntegerInRaw('listing_id', array_keys($wanted))
            ->pluck('listing_id', 'id');
        foreach ($wanted as $id => $variants) {
            foreach ($variants as $variant) {
                if (($theirs[$variant] ?? 0) !== $id) {
                    throw new Refusal('One of these variants is gone. Load the page again.');
                }
            }
        }
    }

    /**
     * Rows that say the same columns, together: each such lot is one statement.
     *
     * @param  array<int, array<string, mixed>>  $rows  by their numbers
     * @return list<non-empty-list<array<string, mixed>>>
     */
    private static function alike(array $rows): array
    {
        $lots = [];
        foreach ($rows as $id => $columns) {
            ksort($columns);
            if ($columns !== []) {
                $lots[implode(',', array_keys($columns))][] = ['id' => $id] + $columns;
            }
        }

        return array_values($lots);
    }

    /** @param  list<string>  $columns */
    private static function set(array $columns): string
    {
        return implode(', ', array_map(static fn (string $c): string => sprintf('"%1$s" = said."%1$s"', $c), $columns));
    }

    /** @param  list<array<string, mixed>>  $rows */
    private static function json(array $rows): string
    {
        return json_encode($rows, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION);
    }
}
