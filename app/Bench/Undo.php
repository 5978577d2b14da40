<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/**
 * Makes every batch on the bench one step that can be taken back: before it, the listings it will touch are written down whole;
 * taking it back puts them so again. Figures are worked out anew, so prices never come back stale.
 */
final readonly class Undo
{
    private const LISTING = ['id', 'state', 'own_title', 'own_words', 'own_pictures', 'own_names', 'own_recipe', 'own_across', 'own_ladder', 'own_type', 'own_tags', 'own_maker', 'own_notes', 'own_search_title', 'own_search_words', 'own_dropped', 'own_option_order', 'own_part', 'drafts', 'agreed_words_id', 'deleted_at'];

    public function __construct(private ProjectListings $project)
    {
    }

    /**
     * Does something to listings and keeps how they stood before.
     *
     * @template T
     *
     * @param  list<int>  $listingIds  those it will touch
     * @param  callable(): T  $do
     * @param  callable(T): string  $words  what was done, once it is
     * @param  callable(T): list<int>|null  $created  listings it made
     * @return array{T, BenchChange}
     */
    public function around(Stall $stall, ?User $by, array $listingIds, callable $do, callable $words, ?callable $created = null): array
    {
        return DB::transaction(function () use ($stall, $by, $listingIds, $do, $words, $created): array {
            $before = $this->snapshot($stall, $listingIds);
            $done = $do();
            $change = BenchChange::query()->create(['stall_id' => $stall->id, 'user_id' => $by?->id, 'words' => mb_substr($words($done), 0, 200), 'before' => $before + ['created' => $created === null ? [] : $created($done)]]);

            return [$done, $change];
        });
    }

    /** @throws Refusal when it was taken back already, or something was done to the same listings since */
    public function take(Stall $stall, BenchChange $change): void
    {
        DB::transaction(function () use ($stall, $change): void {
            $locked = BenchChange::query()->whereKey($change->id)->where('stall_id', $stall->id)->lockForUpdate()->firstOrFail();
            if ($locked->undone_at !== null) {
                throw new Refusal('That was taken back already.');
            }
            $ids = array_map(static fn (array $l): int => (int) $l['id'], $locked->before['listings']);
            $this->refuseIfTouchedSince($stall, $locked, [...$ids, ...$locked->before['created']]);
            $this->put($locked->before, $ids);
            Listing::query()->whereKey($locked->before['created'])->where('stall_id', $stall->id)->forceDelete();
            $locked->update(['undone_at' => now()]);
            ($this->project)($stall, $ids);
        });
        $stall->bumpShop();
    }

    /** @param  list<int>  $ids */
    private function refuseIfTouchedSince(Stall $stall, BenchChange $change, array $ids): void
    {
        foreach (BenchChange::query()->where('stall_id', $stall->id)->where('id', '>', $change->id)->whereNull('undone_at')->get() as $later) {
            $touched = [...array_map(static fn (array $l): int => (int) $l['id'], $later->before['listings']), ...$later->before['created']];
            if (array_intersect($touched, $ids) !== []) {
                throw new Refusal(sprintf('Something was done to the same listings since (%s). Take that back first.', $later->words));
            }
        }
    }

    /**
     * @param  list<int>  $ids
     * @return array{listings: list<array<string, mixed>>, variants: list<array<string, mixed>>, sources: list<array<string, mixed>>, items: list<array<string, mixed>>}
     */
    private function snapshot(Stall $stall, array $ids): array
    {
        $rows = static fn ($query): array => array_values(array_map(static fn (\stdClass $r): array => (array) $r, $query->get()->all()));
        $listings = DB::table('listings')->where('stall_id', $stall->id)->whereIn('id', $ids)->select(self::LISTING);
        $variants = DB::table('listing_variants')->whereIn('listing_id', DB::table('listings')->where('stall_id', $stall->id)->whereIn('id', $ids)->select('id'))->select(['id', 'listing_id', 'supplier_variant_id', 'external_id', 'position', 'own_on', 'own_price_minor', 'own_was_minor', 'own_recipe', 'own_under_floor', 'own_options', 'sold_variant_id']);

        return [
            'listings' => $rows($listings), 'variants' => $rows($variants),
            'sources' => $rows(DB::table('variant_sources')->whereIn('listing_variant_id', (clone $variants)->select('id'))),
            'items' => $rows(DB::table('listing_items')->whereIn('listing_id', $ids)->select(['listing_id', 'supplier_item_id', 'agreed_words_id'])),
        ];
    }

    /**
     * @param  array{listings: list<array<string, mixed>>, variants: list<array<string, mixed>>, sources: list<array<string, mixed>>, items: list<array<string, mixed>>}  $before
     * @param  list<int>  $ids
     */
    private function put(array $before, array $ids): void
    {
        foreach ($before['listings'] as $listing) {
            DB::table('listings')->where('id', $listing['id'])->update(array_diff_key($listing, ['id' => true]));
        }
        $kept = array_column($before['variants'], 'id');
        DB::table('variant_sources')->whereIn('listing_variant_id', $kept)->delete();
        // Back to their own listings first, so that nothing stands in their place.
        DB::table('listing_variants')->whereIn('listing_id', $ids)->whereNotIn('id', $kept)->delete();
        foreach (array_chunk($before['variants'], 500) as $some) {
            DB::table('listing_variants')->upsert($some, ['id'], array_diff(array_keys($some[0]), ['id']));
        }
        foreach (array_chunk($before['sources'], 500) as $some) {
            DB::table('variant_sources')->insert($some);
        }
        DB::table('listing_items')->whereIn('listing_id', $ids)->delete();
        foreach (array_chunk($before['items'], 500) as $some) {
            DB::table('listing_items')->insert($some);
        }
    }
}
