<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Shelves\Shelf;
use WindowStall\Stall\Stall;
use WindowStall\Window\Goods\GoodCard;
use WindowStall\Window\Goods\WindowGoods;

/**
 * Other goods beside one: those bought with it more often than by chance, where orders say so of several; else what stands
 * on the same shelves, with it on most of them first, then what sells best.
 */
final readonly class Related
{
    private const GOODS = 8;

    /** Of fewer bought with it, those on its shelves are shown instead. */
    private const FEW = 2;

    private const SAME_SHELVES = <<<'SQL'
        SELECT other.listing_id
        FROM shelf_goods AS own
        JOIN shelf_goods AS other ON other.shelf_id = own.shelf_id AND other.listing_id <> own.listing_id
        JOIN goods_facts AS facts ON facts.listing_id = other.listing_id AND facts.buyable
        WHERE own.stall_id = ?
          AND own.listing_id = ?
        GROUP BY other.listing_id, facts.sold_pieces
        ORDER BY count(*) DESC, facts.sold_pieces DESC, other.listing_id
        LIMIT ?
        SQL;

    /** The narrowest tells most. */
    private const SHELF = <<<'SQL'
        SELECT own.shelf_id
        FROM shelf_goods AS own
        JOIN shelf_goods AS all_there ON all_there.shelf_id = own.shelf_id
        WHERE own.stall_id = ?
          AND own.listing_id = ?
        GROUP BY own.shelf_id
        ORDER BY count(*), own.shelf_id
        LIMIT 1
        SQL;

    /**
     * @param  bool  $bought  whether they are those that were bought with it
     * @param  list<GoodCard>  $goods
     */
    private function __construct(public bool $bought, public array $goods)
    {
    }

    public static function to(Stall $stall, Listing $listing): self
    {
        $together = array_column(BoughtWith::of($stall, $listing->id), 'other');
        $goods = array_values(array_filter(
            WindowGoods::of($stall)->many(array_slice($together, 0, self::GOODS)),
            static fn (GoodCard $card): bool => ! $card->soldOut,
        ));

        return count($goods) >= self::FEW ? new self(true, $goods) : new self(false, self::onShelves($stall, $listing));
    }

    /** @return list<GoodCard> */
    private static function onShelves(Stall $stall, Listing $listing): array
    {
        $rows = DB::select(self::SAME_SHELVES, [$stall->id, $listing->id, self::GOODS]);

        return WindowGoods::of($stall)->many(array_map(intval(...), array_column($rows, 'listing_id')));
    }

    /** @return list<string> the ends of their addresses */
    public function slugs(): array
    {
        return array_map(static fn (GoodCard $card): string => basename($card->url), $this->goods);
    }

    /** The shelf it is thought of as standing on; null where it stands on none. */
    public static function shelf(Stall $stall, Listing $listing): ?Shelf
    {
        $id = DB::selectOne(self::SHELF, [$stall->id, $listing->id])?->shelf_id;

        return $id === null ? null : Shelf::of($stall)->find((int) $id);
    }
}
