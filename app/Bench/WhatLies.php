<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;
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

    /**
     * Most nearly ready first. How much a listing lacks is counted as {@see Readiness::of()} does, over all that were
     * found at once; what can be sold, in the home market. %s: which listings.
     */
    private const NEARLY_READY = <<<'SQL'
        WITH found AS MATERIALIZED (
            %s
        ),
        lacking AS (
            SELECT variant.listing_id,
                   sum(source.available) AS pieces,
                   bool_or(NOT source.to_order) AS plain,
                   count(*) FILTER (
                       WHERE price.keep_minor IS NULL
                          OR NOT may_be_offered(true, price.price_minor, price.under_floor, variant.own_under_floor)
                   ) AS amiss
            FROM found
            JOIN listing_variants AS variant ON variant.listing_id = found.id AND variant.own_on
            JOIN supplier_variants AS source ON source.id = variant.selling_id
            LEFT JOIN prices AS price ON price.listing_variant_id = variant.id AND price.market = ?
            GROUP BY variant.listing_id
        ),
        pictured AS (
            SELECT DISTINCT picture.listing_id
            FROM found
            JOIN pictures AS picture ON picture.listing_id = found.id
            WHERE picture.state = 'ready'
              AND (found.own_pictures IS NULL OR found.own_pictures @> to_jsonb(picture.id))
        )
        SELECT found.id
        FROM found
        LEFT JOIN lacking ON lacking.listing_id = found.id
        LEFT JOIN pictured ON pictured.listing_id = found.id
        ORDER BY (found.drafts @> '["title"]')::int
                     + (found.drafts @> '["words"]')::int
                     + (trim(found.shown_title) = '' OR length(found.shown_title) > ?)::int
                     + (pictured.listing_id IS NULL)::int
                     + (lacking.plain OR COALESCE(lacking.pieces, 0) <= 0)::int
                     + found.wording_lacks
                     + COALESCE(lacking.amiss, 0),
                 found.id DESC
        LIMIT ? OFFSET ?
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
        if ($state === ListingState::OnBench) {
            return $this->nearlyReady($page);
        }
        $rows = $this->narrowed()->with(Listing::FOR_FIGURES)->where('state', $state);
        $state === ListingState::InWindow
            ? $rows->orderByRaw('shown_keep_minor DESC NULLS LAST')
            : $rows->orderByDesc('updated_at');

        return $rows->orderByDesc('id')->offset(($page - 1) * self::PAGE)->limit(self::PAGE)->get();
    }

    /** @return int pages of so many listings, at least one */
    public static function pages(int $count): int
    {
        return max(1, (int) ceil($count / self::PAGE));
    }

    /** @return Collection<int, Listing> */
    private function nearlyReady(int $page): Collection
    {
        $found = $this->narrowed()
            ->where('state', ListingState::OnBench)
            ->toBase()
            ->select(['id', 'drafts', 'shown_title', 'own_pictures', 'wording_lacks']);
        $ids = array_column(DB::select(sprintf(self::NEARLY_READY, $found->toSql()), [
            ...$found->getBindings(),
            $this->stall->home_market,
            Readiness::TITLE_LIMIT,
            self::PAGE,
            ($page - 1) * self::PAGE,
        ]), 'id');
        $place = array_flip($ids);

        return Listing::of($this->stall)
            ->with(Listing::FOR_FIGURES)
            ->whereKey($ids)
            ->get()
            ->sortBy(static fn (Listing $listing): int => $place[$listing->id])
            ->values();
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
