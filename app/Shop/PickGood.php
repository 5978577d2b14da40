<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Stall\Stall;
use WindowStall\Window\Goods\PicksGood;
use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Written\PageKind;
use WindowStall\Window\Written\WrittenPage;

/** Which of the goods the galley shows a goods page with: one that has much to show. */
final class PickGood implements PicksGood
{
    public function pick(Stall $stall, WrittenPage $page): ?GoodsPage
    {
        $shown = Listing::of($stall)->with(Listing::FOR_FIGURES)->where('state', ListingState::InWindow);
        $listing = match (true) {
            $page->goods_listing_id !== null => Listing::of($stall)->with(Listing::FOR_FIGURES)->find($page->goods_listing_id),
            $page->goods_type !== null => $shown->where('own_type', $page->goods_type)->orderBy('id')->first(),
            // One with a ladder shows every part.
            default => $shown->orderByRaw('own_ladder IS NULL')->orderByDesc('shown_since')->orderBy('id')->first(),
        };

        return $listing === null ? null : GoodsPage::of(ListingFigures::of($stall, $listing));
    }

    public function known(Stall $stall, WrittenPage $page): array
    {
        return $page->kind === PageKind::Basket ? [
            'basket' => TriedBasket::of($stall),
            'trouble' => null,
            'with' => WindowGoods::of($stall)->newest(1, TriedBasket::LINES)[0] ?? null,
        ] : ListPage::all($stall);
    }
}
