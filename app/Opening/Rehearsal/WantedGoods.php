<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal;

use Illuminate\Support\Facades\DB;
use WindowStall\Shelves\ShelfGoods;
use WindowStall\Stall\Stall;

/** Goods that a shopper of a rehearsal means to buy. */
final readonly class WantedGoods
{
    /** One of each supplier, and no more parcels than that. */
    private const MOST = 3;

    /** The one of each supplier that sells best there. */
    private const ONE_EACH = <<<'SQL'
        SELECT DISTINCT ON (facts.suppliers[1]) listing.slug, listing.shown_title AS title, facts.sold_pieces, facts.listing_id
        FROM (%s) AS facts
        JOIN listings AS listing ON listing.id = facts.listing_id
        WHERE facts.buyable
        ORDER BY facts.suppliers[1], facts.sold_pieces DESC, facts.listing_id
        SQL;

    private function __construct(public string $slug, public string $title)
    {
    }

    /**
     * @param  Stall  $stall  as it is seen from the market
     * @return list<self> the one that sells best first
     */
    public static function of(Stall $stall): array
    {
        $goods = ShelfGoods::all($stall)->select(['facts.listing_id', 'facts.suppliers', 'facts.sold_pieces', 'facts.buyable']);
        $rows = DB::select(sprintf(self::ONE_EACH, $goods->toSql()), $goods->getBindings());
        usort($rows, static fn (\stdClass $a, \stdClass $b): int => [$b->sold_pieces, $a->listing_id] <=> [$a->sold_pieces, $b->listing_id]);
        $phrases = $stall->phrases();

        return array_map(
            static fn (\stdClass $row): self => new self((string) $row->slug, $phrases->say((string) $row->title)),
            array_slice($rows, 0, self::MOST),
        );
    }
}
