<?php

declare(strict_types=1);

namespace WindowStall\Shelves;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Stall\Stall;

/** The picture that stands for each shelf: that of the one of its goods that was chosen, or of the first that has one. */
final class Covers
{
    /** So many of a shelf's goods may stand for it. */
    private const CANDIDATES = 8;

    private const FIRST = <<<'SQL'
        SELECT id, listing_id, chosen
        FROM (
            SELECT shelf.id,
                   facts.listing_id,
                   facts.listing_id IS NOT DISTINCT FROM shelf.cover_id AS chosen,
                   row_number() OVER (
                       PARTITION BY shelf.id
                       ORDER BY facts.listing_id IS NOT DISTINCT FROM shelf.cover_id DESC,
                                facts.buyable DESC,
                                CASE WHEN place.kind = 'pin' THEN place.position END NULLS LAST,
                                CASE WHEN shelf.standing = 'hand' THEN place.position END NULLS LAST,
                                facts.sold_pieces DESC,
                                facts.shown_since DESC NULLS LAST,
                                facts.listing_id
                   ) AS rank
            FROM shelves AS shelf
            JOIN shelf_goods AS standing ON standing.shelf_id = shelf.id
            JOIN goods_facts AS facts ON facts.listing_id = standing.listing_id
            LEFT JOIN shelf_places AS place ON place.shelf_id = shelf.id AND place.listing_id = facts.listing_id
            WHERE shelf.stall_id = ?
              AND EXISTS (
                  SELECT 1 FROM pictures AS picture
                  WHERE picture.listing_id = facts.listing_id AND picture.state = 'ready'
              )
        ) AS ranked
        WHERE rank <= ?
        ORDER BY id, rank
        SQL;

    /** @return array<int, Picture> by shelf; no two alike where their goods allow it */
    public static function of(Stall $stall): array
    {
        $candidates = $first = [];
        foreach (DB::select(self::FIRST, [$stall->id, self::CANDIDATES]) as $row) {
            $candidates[(int) $row->id][] = (int) $row->listing_id;
            if ($row->chosen) {
                $first[(int) $row->id] = (int) $row->listing_id;
            }
        }
        foreach ($candidates as $shelf => $goods) {
            // What was chosen stands; the others give way.
            $first[$shelf] ??= array_values(array_diff($goods, $first))[0] ?? $goods[0];
        }
        $pictures = self::leading($stall, array_values(array_unique($first)));

        return array_filter(array_map(static fn (int $listing): ?Picture => $pictures[$listing] ?? null, $first));
    }

    /**
     * The first picture of each of the goods that shoppers see.
     *
     * @param  list<int>  $listings
     * @return array<int, Picture> by listing
     */
    public static function leading(Stall $stall, array $listings): array
    {
        $leading = [];
        foreach (Listing::of($stall)->whereKey($listings)->with('pictures')->get() as $listing) {
            $ready = $listing->pictures->filter(static fn (Picture $p): bool => $p->state === Picture::READY);
            $own = array_map(static fn (int $id): ?Picture => $ready->firstWhere('id', $id), $listing->own_pictures ?? []);
            $first = array_values(array_filter($own))[0] ?? ($listing->own_pictures === null ? $ready->first() : null);
            if ($first instanceof Picture) {
                $leading[$listing->id] = $first;
            }
        }

        return $leading;
    }
}
