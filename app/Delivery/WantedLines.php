<?php

declare(strict_types=1);

namespace WindowStall\Delivery;

use WindowStall\Bench\Listing;
use WindowStall\Bench\Prices\Ladders;
use WindowStall\Core\Basket\BasketLine;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Taxes;

/** Lines as they are asked for from outside a basket, priced as a basket to the market the stall is seen from would have them. */
final class WantedLines
{
    /**
     * @param  list<array{variant: int, pieces: int}>  $asked  variants of listings
     * @return list<WantedLine>|null null where one of them isn't in the window
     */
    public static function of(Stall $stall, array $asked): ?array
    {
        $goods = [];
        foreach (MarketGoods::those($stall, array_column($asked, 'variant')) as $good) {
            $goods[$good->variant] = $good;
        }
        $listings = Listing::of($stall)
            ->whereKey(array_map(static fn (WindowGood $g): int => $g->listing, array_values($goods)))
            ->get()
            ->keyBy('id');
        $taxes = Taxes::of($stall);
        $lines = [];
        foreach ($asked as $line) {
            $good = $goods[$line['variant']] ?? null;
            $listing = $good === null ? null : $listings->get($good->listing);
            if ($good === null || $listing === null) {
                return null;
            }
            $shown = (new BasketLine($good->shown, $line['pieces'], Ladders::of($listing, $stall)))->total();
            $lines[] = new WantedLine(
                $good->source,
                $good->title,
                $line['pieces'],
                $stall->seen()->worth($shown),
                $good->tags,
                $shown,
                $taxes->classOf($good->listing, $good->type),
                $good->listing,
                $good->variant,
            );
        }

        return $lines;
    }
}
