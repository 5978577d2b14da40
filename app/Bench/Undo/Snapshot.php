<?php

declare(strict_types=1);

namespace WindowStall\Bench\Undo;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Stall;
use WindowStall\Support\PgArray;

/**
 * How listings stood before a step: written down and put back by the database itself, always within the step's own
 * stall.
 */
final class Snapshot
{
    private const LISTING = [
        'id',
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
        'own_notes',
        'own_search_title',
        'own_search_words',
        'own_dropped',
        'own_option_order',
        'own_part',
        'drafts',
        'agreed_words_id',
        'deleted_at',
        'waiting',
        'own_policies',
        'own_kept_back',
        'supplier_gone',
    ];

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
        'waiting_price_minor',
    ];

    private const SOURCE = ['listing_variant_id', 'supplier_variant_id', 'position', 'use'];

    private const ITEM = ['listing_id', 'supplier_item_id', 'agreed_words_id'];

    private const TAKE = <<<'SQL'
        INSERT INTO bench_change_parts (change_id, stall_id, listing_id, before)
        SELECT ?, listing.stall_id, listing.id, jsonb_build_object(
            'listing', (SELECT to_jsonb(kept) FROM (SELECT :listing) kept),
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
        FROM listings listing
        WHERE listing.stall_id = ? AND listing.id = ANY (?::bigint[])
        -- A step that comes to a listing again keeps how it stood at first.
        ON CONFLICT DO NOTHING
        SQL;

    private const PUT_LISTINGS = <<<'SQL'
        -- What a step from before a column was made doesn't say stays as it is.
        UPDATE listings SET (:columns) = (SELECT :columns FROM jsonb_populate_record(listings, part.before->'listing'))
        FROM bench_change_parts part
        WHERE :part AND part.before IS NOT NULL AND listings.id = part.listing_id AND listings.stall_id = part.stall_id
        SQL;

    /** Those the step brought in from elsewhere, or that came since. */
    private const CLEAR_VARIANTS = <<<'SQL'
        DELETE FROM listing_variants variant
        USING listings listing
        WHERE listing.id = variant.listing_id AND listing.stall_id = ? AND listing.id = ANY (?::bigint[])
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
        SQL;

    private const PUT_ITEMS = <<<'SQL'
        INSERT INTO listing_items (stall_id, :columns)
        SELECT part.stall_id, :kept
        FROM bench_change_parts part, jsonb_populate_recordset(null::listing_items, part.before->'items') kept
        WHERE :part
        SQL;

    /** @param  list<int>  $listings */
    public static function take(BenchChange $change, array $listings): void
    {
        DB::insert(
            strtr(self::TAKE, [
                ':listing' => self::columns(self::LISTING, 'listing.'),
                ':variant' => self::columns(self::VARIANT, 'variant.'),
                ':source' => self::columns(self::SOURCE, 'source.'),
                ':item' => self::columns(self::ITEM, 'item.'),
            ]),
            [$change->id, $change->stall_id, PgArray::numbers($listings)],
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
     * @param  list<int>  $listings
     * @return Builder later steps with any of them, that stand
     */
    public static function later(Stall $stall, BenchChange $change, array $listings): Builder
    {
        return DB::table('bench_change_parts')
            ->where('stall_id', $stall->id)
            ->where('change_id', '>', $change->id)
            ->whereIn('listing_id', $listings)
            ->whereNull('undone_at')
            ->select('change_id');
    }

    /**
     * Puts listings as the step found them.
     *
     * @param  list<int>  $listings
     */
    public static function put(BenchChange $change, array $listings): void
    {
        $ids = PgArray::numbers($listings);
        $part = [$change->id, $change->stall_id, $ids];
        $own = [$change->stall_id, $ids];
        DB::update(self::sql(self::PUT_LISTINGS, array_diff(self::LISTING, ['id'])), $part);
        DB::delete(self::CLEAR_SOURCES, $own);
        // Back to their own listings first, so that nothing stands in their place.
        DB::delete(self::sql(self::CLEAR_VARIANTS, []), [...$own, ...$part]);
        DB::insert(self::sql(self::PUT_VARIANTS, self::VARIANT), $part);
        DB::insert(self::sql(self::PUT_SOURCES, self::SOURCE), $part);
        DB::delete(self::CLEAR_ITEMS, $own);
        DB::insert(self::sql(self::PUT_ITEMS, self::ITEM), $part);
    }

    /** @param  list<int>  $listings  taken back now */
    public static function close(BenchChange $change, array $listings): void
    {
        DB::table('bench_change_parts')
            ->where('stall_id', $change->stall_id)
            ->where('change_id', $change->id)
            ->whereIn('listing_id', $listings)
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
