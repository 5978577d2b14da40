<?php

declare(strict_types=1);

namespace WindowStall\Shelves;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Shelves\ShelfOrder;
use WindowStall\Stall\Stall;

/** The goods in the window as rows of goods_facts (named "facts"): of one shelf or of all, in the order they stand. */
final class ShelfGoods
{
    /** Best first, whatever the direction; what isn't known stands last. */
    private const ORDERS = [
        'newest' => 'facts.shown_since DESC NULLS LAST',
        'cheapest' => 'facts.price_minor ASC NULLS LAST',
        'dearest' => 'facts.price_minor DESC NULLS LAST',
        'selling' => 'facts.sold_pieces DESC',
        'keeping' => 'facts.keep_minor DESC NULLS LAST',
        'soonest' => 'facts.days_max ASC NULLS LAST',
    ];

    /** As a market abroad has them: its prices in its currency, and only what is sold there. */
    private const ABROAD = <<<'SQL'
        SELECT home.listing_id, home.stall_id, home.title, home.type, home.type_low, home.tags, home.tags_low, home.suppliers,
               there.price_minor, there.price_to_minor, home.keep_minor, home.margin_bp, home.stock, there.buyable,
               home.shown_since, home.sold_at, home.sold_pieces, home.options, home.options_low, home.choices, home.printed,
               home.posted_from, there.days_min, there.days_max, there.was, home.search,
               home.back_since
        FROM goods_facts AS home
        JOIN goods_abroad AS there ON there.listing_id = home.listing_id
        WHERE home.stall_id = ?
          AND there.market = ?
        SQL;

    /** All goods in the window, as the market has them that the stall is seen from. */
    public static function all(Stall $stall): Builder
    {
        $seen = $stall->seen();

        return $seen->isHome()
            ? DB::table('goods_facts AS facts')->where('facts.stall_id', $stall->id)
            : DB::query()->fromRaw('('.self::ABROAD.') AS facts', [$stall->id, $seen->country]);
    }

    /** As they stand on it, with what was said of their places (named "place"). */
    public static function on(Stall $stall, Shelf $shelf): Builder
    {
        return self::placed($stall, $shelf)
            ->join('shelf_goods AS standing', 'standing.listing_id', '=', 'facts.listing_id')
            ->where('standing.shelf_id', $shelf->id);
    }

    /** As its rule and its exceptions have them at this moment, whether they are put there yet or not. */
    public static function fitting(Stall $stall, Shelf $shelf): Builder
    {
        $sql = new RuleSql($shelf->readRule($stall));

        return self::placed($stall, $shelf)->whereRaw(
            "(COALESCE(place.kind IN ('pin', 'in'), false) OR (place.kind IS DISTINCT FROM 'out' AND ".
                $sql->condition.'))',
            $sql->bindings,
        );
    }

    private static function placed(Stall $stall, Shelf $shelf): Builder
    {
        return self::all($stall)->leftJoin('shelf_places AS place', static fn ($join) => $join
            ->on('place.listing_id', '=', 'facts.listing_id')
            ->where('place.shelf_id', $shelf->id));
    }

    /**
     * In the order of a shelf: what can be bought first, pinned ones at the top of that.
     *
     * @param  Shelf|null  $shelf  the one they stand on
     */
    public static function ordered(Builder $goods, ShelfOrder $standing, ?Shelf $shelf = null): Builder
    {
        if ($shelf === null) {
            return self::by($goods->orderByDesc('facts.buyable'), $standing);
        }
        $goods
            ->orderByDesc('facts.buyable')
            ->orderByRaw("CASE WHEN place.kind = 'pin' THEN place.position END ASC NULLS LAST");

        return $standing === ShelfOrder::Hand
            ? self::by($goods->orderByRaw('place.position ASC NULLS LAST'), ShelfOrder::Newest)
            : self::by($goods, $standing);
    }

    private static function by(Builder $goods, ShelfOrder $standing): Builder
    {
        return $goods->orderByRaw(self::ORDERS[$standing->value] ?? self::ORDERS['newest'])->orderBy('facts.listing_id');
    }
}
