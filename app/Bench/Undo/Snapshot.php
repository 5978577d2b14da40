<?php

declare(strict_types=1);

namespace WindowStall\Bench\Undo;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\MakeUp\OnListing;
use WindowStall\Stall\Stall;
use WindowStall\Support\Ids;
use WindowStall\Support\PgArray;

/**
 * How listings stood before a step: written down and put back by the database itself, always within the step's own
 * stall.
 *
 * @phpstan-type Waited array{words: array<int, array<string, mixed>>, prices: array<int, int|null>}
 */
final class Snapshot
{
    private const LISTING = [
        'id',
        'supplier_item_id',
        'state',
        'own_title',
        'own_words',
        'own_pictures',
        'own_names',
        'own_recipe',
        'own_across',
        'own_ladder',
        'own_type',
        'own_tags',
        'own_maker',
        'own_grown_up',
        'own_notes',
        'own_search_title',
        'own_search_words',
        'own_dropped',
        'own_option_order',
        'own_meant',
        'own_part',
        'drafts',
        'deleted_at',
        'own_policies',
        'own_kept_back',
        ...self::JUDGED,
        ...self::WAITING,
    ];

    /** How far a listing has been judged: what suppliers said since a step isn't judged twice. */
    private const JUDGED = ['agreed_words_id', 'supplier_gone'];

    /** What waits over a supplier's changes: written down, and not put back, for that is Drift's, which hears of it. */
    private const WAITING = ['waiting'];

    private const PRICE_WAITING = ['waiting_price_minor'];

    private const VARIANT = [
        'id',
        'listing_id',
        'supplier_variant_id',
        'external_id',
        'position',
        'own_on',
        'own_price_minor',
        'own_was_minor',
        'own_recipe',
        'own_under_floor',
        'own_options',
        'sold_variant_id',
        'left_listing_id',
        ...self::PRICE_WAITING,
    ];

    private const SOURCE = ['listing_variant_id', 'supplier_variant_id', 'position', 'use'];

    private const ITEM = ['listing_id', 'supplier_item_id', 'agreed_words_id'];

    private const TAKE = <<<'SQL'
        INSERT INTO bench_change_parts AS part (change_id, stall_id, listing_id, before)
        SELECT ?, listing.stall_id, listing.id,
               jsonb_build_object(
                   'listing', (SELECT to_jsonb(kept) FROM (SELECT :listing) kept),
                   'ended', (
                       SELECT coalesce(jsonb_agg(draft), '[]')
                       FROM jsonb_array_elements_text(listing.drafts) AS draft
                       WHERE draft = ANY (?::text[])
                   )
               )
               || CASE WHEN listing.id = ANY (?::bigint[]) THEN :makeup ELSE '{}' END
        FROM listings listing
        WHERE listing.stall_id = ? AND listing.id = ANY (?::bigint[])
        -- A step that comes to a listing again keeps how it stood at first, and adds what it comes to only now.
        ON CONFLICT (change_id, listing_id) DO UPDATE
        SET before = excluded.before || part.before || jsonb_build_object(
            'listing', (excluded.before->'listing') || (part.before->'listing'),
            'ended', (excluded.before->'ended') || (part.before->'ended')
        )
        SQL;

    /** What a listing is made up of. A step that leaves this alone doesn't keep it. */
    private const MAKE_UP = <<<'SQL'
        jsonb_build_object(
            'variants', (
                SELECT coalesce(jsonb_agg(kept), '[]')
                FROM (SELECT :variant FROM listing_variants variant WHERE variant.listing_id = listing.id) kept
            ),
            'sources', (
                SELECT coalesce(jsonb_agg(kept), '[]')
                FROM (
                    SELECT :source
                    FROM variant_sources source JOIN listing_variants variant ON variant.id = source.listing_variant_id
                    WHERE variant.listing_id = listing.id
                ) kept
            ),
            'items', (
                SELECT coalesce(jsonb_agg(kept), '[]')
                FROM (SELECT :item FROM listing_items item WHERE item.listing_id = listing.id) kept
            )
        )
        SQL;

    private const PUT_LISTINGS = <<<'SQL'
        -- What a step from before a column was made doesn't say stays as it is.
        UPDATE listings SET (:columns) = (SELECT :columns FROM jsonb_populate_record(listings, part.before->'listing'))
        FROM bench_change_parts part
        WHERE :part AND part.before IS NOT NULL AND listings.id = part.listing_id AND listings.stall_id = part.stall_id
        SQL;

    /** Only where the step made it a listing of another item. */
    private const PUT_JUDGED = self::PUT_LISTINGS.<<<'SQL'

          AND (part.before->'listing'->>'supplier_item_id')::bigint <> listings.supplier_item_id
        SQL;

    private const LATER = <<<'SQL'
        SELECT later.change_id
        FROM bench_change_parts AS mine
        JOIN bench_change_parts AS later
          ON later.listing_id = mine.listing_id
         AND later.change_id > mine.change_id
         AND later.undone_at IS NULL
        WHERE mine.change_id = :change
          AND mine.stall_id = :stall
          AND mine.listing_id = ANY (:listings::bigint[])
          AND (
              mine.before IS NULL
              OR later.before IS NULL
              OR (mine.before->'variants' IS NOT NULL AND later.before->'variants' IS NOT NULL)
              OR EXISTS (
                  SELECT 1 FROM jsonb_object_keys(mine.before->'listing') AS kept (name)
                  WHERE kept.name <> 'id' AND jsonb_exists(later.before->'listing', kept.name)
              )
          )
        ORDER BY later.change_id
        LIMIT 1
        SQL;

    /** What was a draft is one again. */
    private const PUT_DRAFTS = <<<'SQL'
        UPDATE listings
        SET drafts = listings.drafts || (
            SELECT coalesce(jsonb_agg(DISTINCT draft), '[]')
            FROM jsonb_array_elements_text(part.before->'ended') AS draft
            WHERE NOT jsonb_exists(listings.drafts, draft)
        )
        FROM bench_change_parts part
        WHERE :part AND part.before->'ended' <> '[]'
          AND listings.id = part.listing_id AND listings.stall_id = part.stall_id
        SQL;

    /** Those the step brought in, or that came since. */
    private const CAME = <<<'SQL'
        SELECT variant.id
        FROM listing_variants variant
        JOIN listings listing ON listing.id = variant.listing_id
        WHERE listing.stall_id = ? AND listing.id = ANY (?::bigint[])
          AND NOT EXISTS (
              SELECT 1 FROM bench_change_parts part, jsonb_array_elements(part.before->'variants') kept
              WHERE :part AND (kept->>'id')::bigint = variant.id
          )
        SQL;

    private const PUT_VARIANTS = <<<'SQL'
        INSERT INTO listing_variants (stall_id, :columns)
        SELECT part.stall_id, :kept
        FROM bench_change_parts part, jsonb_populate_recordset(null::listing_variants, part.before->'variants') kept
        WHERE :part
        ON CONFLICT (id) DO UPDATE SET (:columns) = ROW (:excluded)
        SQL;

    private const CLEAR_SOURCES = <<<'SQL'
        DELETE FROM variant_sources source
        USING listing_variants variant, listings listing
        WHERE variant.id = source.listing_variant_id AND listing.id = variant.listing_id
          AND listing.stall_id = ? AND listing.id = ANY (?::bigint[])
        SQL;

    private const PUT_SOURCES = <<<'SQL'
        INSERT INTO variant_sources (stall_id, :columns)
        SELECT part.stall_id, :kept
        FROM bench_change_parts part, jsonb_populate_recordset(null::variant_sources, part.before->'sources') kept
        WHERE :part
        SQL;

    private const CLEAR_ITEMS = <<<'SQL'
        DELETE FROM listing_items item
        USING listings listing
        WHERE listing.id = item.listing_id AND listing.stall_id = ? AND listing.id = ANY (?::bigint[])
          AND NOT EXISTS (
              SELECT 1 FROM bench_change_parts part, jsonb_array_elements(part.before->'items') kept
              WHERE :part AND part.listing_id = listing.id
                AND (kept->>'supplier_item_id')::bigint = item.supplier_item_id
          )
        SQL;

    /** Those that are there still have been judged further since. */
    private const PUT_ITEMS = <<<'SQL'
        INSERT INTO listing_items (stall_id, :columns)
        SELECT part.stall_id, :kept
        FROM bench_change_parts part, jsonb_populate_recordset(null::listing_items, part.before->'items') kept
        WHERE :part
        ON CONFLICT (listing_id, supplier_item_id) DO NOTHING
        SQL;

    /**
     * @param  list<int>  $listings
     * @param  Touched|null  $touched  what of them the step touches; null for anything
     */
    public static function take(BenchChange $change, array $listings, ?Touched $touched): void
    {
        $columns = $touched === null ? self::LISTING : array_intersect(self::LISTING, ['id', ...$touched->columns]);
        $makeUp = strtr(self::MAKE_UP, [
            ':variant' => self::columns(self::VARIANT, 'variant.'),
            ':source' => self::columns(self::SOURCE, 'source.'),
            ':item' => self::columns(self::ITEM, 'item.'),
        ]);
        DB::insert(
            strtr(self::TAKE, [':listing' => self::columns($columns, 'listing.'), ':makeup' => $makeUp]),
            [
                $change->id,
                PgArray::texts($touched->ended ?? []),
                PgArray::numbers($touched->variantsOf ?? $listings),
                $change->stall_id,
                PgArray::numbers($listings),
            ],
        );
    }

    /** @param  list<int>  $listings  made by the step */
    public static function created(BenchChange $change, array $listings): void
    {
        foreach (array_chunk($listings, 1000) as $some) {
            // One that the step made and then wrote into is a made one: taking the step back removes it.
            DB::table('bench_change_parts')->upsert(
                array_map(
                    static fn (int $id): array => [
                        'change_id' => $change->id,
                        'stall_id' => $change->stall_id,
                        'listing_id' => $id,
                        'before' => null,
                    ],
                    $some,
                ),
                ['change_id', 'listing_id'],
                ['before'],
            );
        }
    }

    /** The listings of a step that aren't taken back: listing_id, made. */
    public static function open(Stall $stall, BenchChange $change): Builder
    {
        return DB::table('bench_change_parts')
            ->where('stall_id', $stall->id)
            ->where('change_id', $change->id)
            ->whereNull('undone_at')
            ->selectRaw('listing_id, before IS NULL AS made')
            ->orderBy('listing_id');
    }

    /**
     * A page of what a step touched, by title.
     *
     * @return list<array{id: int, title: string, made: bool, undone: bool}>
     */
    public static function listed(Stall $stall, BenchChange $change, int $most): array
    {
        $rows = DB::table('bench_change_parts as part')
            ->leftJoin('listings as listing', 'listing.id', '=', 'part.listing_id')
            ->where('part.stall_id', $stall->id)
            ->where('part.change_id', $change->id)
            ->selectRaw(
                'part.listing_id AS id, listing.shown_title AS title, part.before IS NULL AS made, part.undone_at IS '.
                    'NOT NULL AS undone',
            )
            ->orderBy('listing.shown_title')
            ->orderBy('part.listing_id')
            ->limit($most)
            ->get();

        return array_values(
            $rows
                ->map(
                    static fn (\stdClass $r): array => [
                        'id' => (int) $r->id,
                        'title' => (string) ($r->title ?? 'no longer here'),
                        'made' => (bool) $r->made,
                        'undone' => (bool) $r->undone,
                    ],
                )
                ->all(),
        );
    }

    /**
     * The first later step, that stands, which touched the same of one of these listings: the same column, or variants
     * where both did, or anything where one of the two made the listing.
     *
     * @param  list<int>  $listings
     */
    public static function later(BenchChange $change, array $listings): ?BenchChange
    {
        $found = DB::selectOne(self::LATER, [
            'change' => $change->id,
            'stall' => $change->stall_id,
            'listings' => PgArray::numbers($listings),
        ]);

        return $found === null ? null : BenchChange::query()->find((int) $found->change_id);
    }

    /**
     * Puts listings as the step found them.
     *
     * @param  list<int>  $listings
     */
    public static function put(BenchChange $change, array $listings): void
    {
        $part = [$change->id, $change->stall_id, PgArray::numbers($listings)];
        DB::update(self::sql(self::PUT_JUDGED, self::JUDGED), $part);
        DB::update(self::sql(self::PUT_LISTINGS, array_diff(self::LISTING, ['id'], self::JUDGED, self::WAITING)), $part);
        DB::update(self::sql(self::PUT_DRAFTS, []), $part);
        $makeUp = self::withMakeUp($change, $listings);
        if ($makeUp !== []) {
            self::putMakeUp($change, $makeUp);
        }
    }

    /**
     * What waited over suppliers' changes before a step.
     *
     * @param  list<int>  $listings
     * @return Waited by listing, by variant
     */
    public static function waited(BenchChange $change, array $listings): array
    {
        $waited = ['words' => [], 'prices' => []];
        $parts = DB::table('bench_change_parts')->where('stall_id', $change->stall_id)->where('change_id', $change->id)
            ->whereIntegerInRaw('listing_id', $listings)->whereNotNull('before')->pluck('before', 'listing_id');
        foreach ($parts as $listing => $before) {
            $before = json_decode((string) $before, true, flags: JSON_THROW_ON_ERROR);
            $waited['words'][(int) $listing] = $before['listing']['waiting'] ?? [];
            foreach ($before['variants'] ?? [] as $variant) {
                $waited['prices'][(int) $variant['id']] = $variant['waiting_price_minor'] ?? null;
            }
        }

        return $waited;
    }

    /**
     * @param  list<int>  $listings
     * @return list<int> those of which the step kept more than their own words
     */
    private static function withMakeUp(BenchChange $change, array $listings): array
    {
        $kept = DB::table('bench_change_parts')
            ->where('stall_id', $change->stall_id)
            ->where('change_id', $change->id)
            ->whereIntegerInRaw('listing_id', $listings)
            ->whereRaw("before->'variants' IS NOT NULL")
            ->pluck('listing_id');

        return array_values(array_map(intval(...), $kept->all()));
    }

    /** @param  list<int>  $listings */
    private static function putMakeUp(BenchChange $change, array $listings): void
    {
        $ids = PgArray::numbers($listings);
        $part = [$change->id, $change->stall_id, $ids];
        $own = [$change->stall_id, $ids];
        DB::delete(self::CLEAR_SOURCES, $own);
        // First, so that nothing stands in the place of those that are put back.
        OnListing::takeOff(Ids::of(self::sql(self::CAME, []), [...$own, ...$part]));
        DB::insert(self::sql(self::PUT_VARIANTS, array_diff(self::VARIANT, self::PRICE_WAITING)), $part);
        DB::insert(self::sql(self::PUT_SOURCES, self::SOURCE), $part);
        DB::delete(self::sql(self::CLEAR_ITEMS, []), [...$own, ...$part]);
        DB::insert(self::sql(self::PUT_ITEMS, self::ITEM), $part);
    }

    /** @param  list<int>  $listings  taken back now */
    public static function close(BenchChange $change, array $listings): void
    {
        DB::table('bench_change_parts')
            ->where('stall_id', $change->stall_id)
            ->where('change_id', $change->id)
            ->whereIntegerInRaw('listing_id', $listings)
            ->update(['undone_at' => now()]);
    }

    /** @param  array<string>  $columns */
    private static function sql(string $sql, array $columns): string
    {
        return strtr($sql, [
            ':columns' => self::columns($columns, ''),
            ':kept' => self::columns($columns, 'kept.'),
            ':excluded' => self::columns($columns, 'excluded.'),
            ':part' => 'part.change_id = ? AND part.stall_id = ? AND part.listing_id = ANY (?::bigint[])',
        ]);
    }

    /** @param  array<string>  $columns */
    private static function columns(array $columns, string $of): string
    {
        return implode(', ', array_map(static fn (string $c): string => $of.'"'.$c.'"', $columns));
    }
}
