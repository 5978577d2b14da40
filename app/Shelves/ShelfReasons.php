<?php

declare(strict_types=1);

namespace WindowStall\Shelves;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Shelves\Views\ReasonView;
use WindowStall\Shelves\Views\WhyView;
use WindowStall\Stall\Stall;

/** Why listings stand on a shelf, or why not. */
final class ShelfReasons
{
    public const MOST = 8;

    /** @return list<WhyView> of listings with those words in their titles */
    public static function called(Stall $stall, Shelf $shelf, string $words): array
    {
        $found = Listing::of($stall)
            ->whereRaw('id IN (SELECT listings_titled(?))', ['%'.addcslashes($words, '%_\\').'%'])
            ->orderByRaw("state = 'in_window' DESC")
            ->orderBy('shown_title')
            ->limit(self::MOST)
            ->get();

        return self::of($stall, $shelf, array_values($found->all()));
    }

    /**
     * @param  list<Listing>  $listings
     * @return list<WhyView>
     */
    public static function of(Stall $stall, Shelf $shelf, array $listings): array
    {
        $ids = array_map(static fn (Listing $l): int => $l->id, $listings);
        $facts = ShelfGoods::all($stall)->whereIn('facts.listing_id', $ids)->get()->keyBy('listing_id');
        $places = DB::table('shelf_places')->where('shelf_id', $shelf->id)->whereIn('listing_id', $ids)
            ->pluck('kind', 'listing_id');
        $pictures = Covers::leading($stall, $ids);
        $rule = $shelf->readRule($stall);
        $read = RuleReader::words($stall);

        return array_map(static function (Listing $listing) use ($facts, $places, $pictures, $rule, $read): WhyView {
            $row = $facts->get($listing->id);
            $place = $places->get($listing->id);
            $goods = $row === null ? null : GoodsRow::goods($row);
            $fits = $goods !== null && $rule?->holds($goods) === true;
            $on = $row !== null && $place !== ShelfPlaces::NEVER &&
                ($fits || $place === ShelfPlaces::PIN || $place === ShelfPlaces::BY_HAND);

            return new WhyView(
                listing: $listing->id,
                title: $listing->shown_title,
                picture: ($pictures[$listing->id] ?? null)?->url(80),
                on: $on,
                place: is_string($place) ? $place : '',
                because: self::because($listing, is_string($place) ? $place : '', $rule !== null, $fits),
                reasons: $goods === null || $rule === null ? [] : array_map(
                    static fn (array $why): ReasonView => new ReasonView(
                        words: $read->clause($why['clause']),
                        holds: $why['holds'],
                        had: $read->had($why['clause']->field, $goods),
                    ),
                    $rule->why($goods),
                ),
            );
        }, $listings);
    }

    private static function because(Listing $listing, string $place, bool $ruled, bool $fits): string
    {
        return match (true) {
            $listing->state === ListingState::OnBench => 'It lies on the bench; shelves hold what is in the window.',
            $listing->state === ListingState::PutBy => 'It is put by; shelves hold what is in the window.',
            $place === ShelfPlaces::NEVER => 'You keep it off, whatever the rule says.',
            $place === ShelfPlaces::PIN => 'You pinned it to the top.',
            $place === ShelfPlaces::BY_HAND => 'You put it there.',
            ! $ruled => 'This shelf is filled by hand, and nobody has put it there.',
            $fits => 'The rule takes it.',
            default => 'The rule doesn’t take it.',
        };
    }
}
