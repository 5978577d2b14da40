<?php

declare(strict_types=1);

namespace WindowStall\Shelves;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Stall\Stall;
use WindowStall\Support\PgArray;
use WindowStall\Support\Refusal;

/** What a person said of single goods on a shelf: at its top, there by hand, in which order, or never. */
final class ShelfPlaces
{
    public const PIN = 'pin';

    public const BY_HAND = 'in';

    public const NEVER = 'out';

    /** Goods that can be said of one shelf. */
    private const MOST = 5_000;

    private const PUT = <<<'SQL'
        INSERT INTO shelf_places (shelf_id, listing_id, stall_id, kind, position)
        SELECT :shelf, listing.id, :stall, :kind, :after + given.n
        FROM unnest(:ids::bigint[]) WITH ORDINALITY AS given (id, n)
        JOIN listings AS listing ON listing.id = given.id AND listing.stall_id = :stall AND listing.deleted_at IS NULL
        ON CONFLICT (shelf_id, listing_id) DO UPDATE
        SET kind = excluded.kind, position = excluded.position
        SQL;

    /** What is put in an order keeps what else was said of it. */
    private const ORDER = <<<'SQL'
        INSERT INTO shelf_places (shelf_id, listing_id, stall_id, kind, position)
        SELECT :shelf, listing.id, :stall, 'at', given.n
        FROM unnest(:ids::bigint[]) WITH ORDINALITY AS given (id, n)
        JOIN listings AS listing ON listing.id = given.id AND listing.stall_id = :stall AND listing.deleted_at IS NULL
        ON CONFLICT (shelf_id, listing_id) DO UPDATE
        SET position = excluded.position
        SQL;

    /**
     * @param  list<int>  $listings
     * @param  string  $kind  {@see PIN}, {@see BY_HAND}, {@see NEVER}
     *
     * @throws Refusal
     */
    public static function put(Stall $stall, Shelf $shelf, array $listings, string $kind): void
    {
        self::own($stall, $listings);
        $there = DB::table('shelf_places')->where('shelf_id', $shelf->id);
        if ($there->count() + count($listings) > self::MOST) {
            $most = number_format(self::MOST);
            throw new Refusal("Up to $most goods are placed on a shelf by hand. A rule can take any number.");
        }
        DB::statement(self::PUT, [
            'shelf' => $shelf->id,
            'stall' => $stall->id,
            'kind' => $kind,
            'after' => (int) $there->max('position'),
            'ids' => PgArray::numbers($listings),
        ]);
    }

    /** @param  list<int>  $listings  in their order */
    public static function order(Stall $stall, Shelf $shelf, array $listings): void
    {
        self::own($stall, $listings);
        DB::statement(self::ORDER, [
            'shelf' => $shelf->id,
            'stall' => $stall->id,
            'ids' => PgArray::numbers($listings),
        ]);
    }

    /**
     * Takes back what was said of them: from then on the rule alone counts.
     *
     * @param  list<int>  $listings
     */
    public static function forget(Shelf $shelf, array $listings): void
    {
        DB::table('shelf_places')->where('shelf_id', $shelf->id)->whereIn('listing_id', $listings)->delete();
    }

    /** @param  list<int>  $listings */
    private static function own(Stall $stall, array $listings): void
    {
        if (Listing::of($stall)->whereKey($listings)->count() !== count(array_unique($listings))) {
            throw new Refusal('One of these listings is gone. Load the page again.');
        }
    }
}
