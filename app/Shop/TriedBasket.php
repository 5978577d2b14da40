<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use WindowStall\Bench\ListingVariant;
use WindowStall\Shelves\ShelfGoods;
use WindowStall\Stall\Stall;

/** A basket as somebody may have it, to dress its page with: one piece of each of the newest goods. Nobody has it. */
final class TriedBasket
{
    public const LINES = 2;

    public static function of(Stall $stall): BasketContents
    {
        $listings = ShelfGoods::all($stall)
            ->where('facts.buyable', true)
            ->orderByDesc('facts.shown_since')
            ->orderByDesc('facts.listing_id')
            ->limit(self::LINES)
            ->pluck('facts.listing_id');
        $rows = [];
        foreach ($listings as $n => $listing) {
            $variant = ListingVariant::query()->where('listing_id', $listing)->where('own_on', true)->orderBy('position')->first();
            if ($variant !== null) {
                $row = new BasketRow();
                $row->forceFill(['id' => $n + 1, 'basket_id' => '', 'listing_variant_id' => $variant->id, 'quantity' => 1]);
                $row->forceFill(['seen_minor' => null, 'seen_currency' => null, 'seen_days' => null]);
                $rows[] = $row->setRelation('variant', $variant);
            }
        }

        return BasketContents::of($stall, null, rows: collect($rows));
    }
}
