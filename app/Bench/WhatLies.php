<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use WindowStall\Core\Bench\Readiness;
use WindowStall\Stall\Stall;

/**
 * A stall's listings by where they lie, each place in the order it is worked through: on the bench most nearly ready
 * first, in the window by what they keep at least, put by latest first; all narrowed alike.
 */
final readonly class WhatLies
{
    /** Rows of a page of each place. */
    private const PAGE = 40;

    /** How much a listing lacks, counted as {@see Readiness::of()} does; its place is the home market's. */
    private const LACKS = <<<'SQL'
        (listings.drafts @> '["title"]')::int
        + (listings.drafts @> '["words"]')::int
        + (trim(listings.shown_title) = '' OR length(listings.shown_title) > :most)::int
        + (NOT EXISTS (
            SELECT 1
            FROM pictures AS picture
            WHERE picture.listing_id = listings.id
              AND picture.state = 'ready'
              AND (listings.own_pictures IS NULL OR listings.own_pictures @> to_jsonb(picture.id))
        ))::int
        + (
            SELECT (count(*) = 0 OR sum(GREATEST(0, CASE WHEN source.gone_at IS NULL THEN
                       source.stock - source.out_of_reach - source.promised - source.kept_back ELSE 0 END)) <= 0)::int
                   + count(*) FILTER (
                       WHERE price.price_minor IS NULL
                          OR price.keep_minor IS NULL
                          OR price.price_minor <= 0
                          OR NOT variant.own_under_floor AND (price.keep_minor < 0 OR price.above_floor_minor < 0)
                   )
            FROM listing_variants AS variant
            JOIN supplier_variants AS source
                ON source.id = COALESCE(variant.sold_variant_id, variant.supplier_variant_id)
            LEFT JOIN prices AS price ON price.listing_variant_id = variant.id AND price.market = :market
            WHERE variant.listing_id = listings.id
              AND variant.own_on
        )
        SQL;

    /** A title with the words, a tag, an article number or a barcode. */
    private const FOUND = <<<'SQL'
        (
            listings.id IN (SELECT listings_titled(?))
            OR listings.own_tags @> to_jsonb(?::text)
            OR EXISTS (
                SELECT 1
                FROM listing_variants AS variant
                JOIN supplier_variants AS source ON source.id = variant.supplier_variant_id
                WHERE variant.listing_id = listings.id
                  AND (lower(source.sku) = lower(?) OR source.barcode = ?)
            )
        )
        SQL;

    /** @param  int|null  $supplier  only what comes from this connection */
    public function __construct(private Stall $stall, private string $words = '', private ?int $supplier = null)
    {
    }

    /** @return array<string, int> place → how many lie there */
    public function counts(): array
    {
        $found = $this->narrowed()
            ->toBase()
            ->selectRaw('state, count(*) AS n')
            ->groupBy('state')
            ->pluck('n', 'state');
        $counts = [];
        foreach (ListingState::cases() as $state) {
            $counts[$state->value] = (int) ($found[$state->value] ?? 0);
        }

        return $counts;
    }

    /**
     * @param  int  $page  from 1
     * @return Collection<int, Listing> with what their figures take
     */
    public function page(ListingState $state, int $page): Collection
    {
        $rows = $this->narrowed()->with(Listing::FOR_FIGURES)->where('state', $state);
        match ($state) {
            ListingState::OnBench => $this->nearlyReadyFirst($rows),
            ListingState::InWindow => $rows->orderByRaw('shown_keep_minor DESC NULLS LAST'),
            ListingState::PutBy => $rows->orderByDesc('updated_at'),
        };

        return $rows->orderByDesc('id')->offset(($page - 1) * self::PAGE)->limit(self::PAGE)->get();
    }

    /** @return int pages of so many listings, at least one */
    public static function pages(int $count): int
    {
        return max(1, (int) ceil($count / self::PAGE));
    }

    /** @param  HasMany<Listing, Stall>  $rows */
    private function nearlyReadyFirst(HasMany $rows): void
    {
        $rows->orderByRaw(
            str_replace([':most', ':market'], ['?', '?'], self::LACKS),
            [Readiness::TITLE_LIMIT, $this->stall->home_market],
        );
    }

    /** @return HasMany<Listing, Stall> */
    private function narrowed(): HasMany
    {
        $rows = Listing::of($this->stall);
        if ($this->words !== '') {
            $like = '%'.addcslashes($this->words, '%_\\').'%';
            $rows->whereRaw(self::FOUND, [$like, $this->words, $this->words, $this->words]);
        }
        if ($this->supplier !== null) {
            $rows->whereHas('supplierItem', fn ($item) => $item->where('connection_id', $this->supplier));
        }

        return $rows;
    }
}
