<?php

declare(strict_types=1);

namespace WindowStall\Window\Written;

use Illuminate\Database\Eloquent\Relations\HasMany;
use WindowStall\Bench\Listing;
use WindowStall\Stall\Stall;
use WindowStall\Window\Content;
use WindowStall\Window\Plan;

/** How the page of one of the goods is laid: as its own goods page says, else that of its type, else that of all. */
final class DressedGoods
{
    /** As long as the seller lays nothing else. */
    public const FIRST = [
        ['id' => 'shots', 'kind' => 'shots', 'settings' => []],
        ['id' => 'name', 'kind' => 'name', 'settings' => []],
        ['id' => 'price', 'kind' => 'price', 'settings' => []],
        ['id' => 'choices', 'kind' => 'choices', 'settings' => []],
        ['id' => 'rungs', 'kind' => 'rungs', 'settings' => []],
        ['id' => 'buy', 'kind' => 'buy', 'settings' => []],
        ['id' => 'sets', 'kind' => 'sets', 'settings' => []],
        ['id' => 'arrival', 'kind' => 'arrival', 'settings' => []],
        ['id' => 'terms', 'kind' => 'terms', 'settings' => []],
        ['id' => 'description', 'kind' => 'description', 'settings' => []],
        ['id' => 'facts', 'kind' => 'facts', 'settings' => []],
        ['id' => 'reviews', 'kind' => 'reviews', 'settings' => []],
        ['id' => 'asked', 'kind' => 'asked', 'settings' => []],
        ['id' => 'together', 'kind' => 'together', 'settings' => []],
        ['id' => 'seen-lately', 'kind' => 'seen-lately', 'settings' => []],
    ];

    /** What shoppers see. */
    public static function of(Stall $stall, Listing $listing): Content
    {
        $nearest = self::pages($stall)
            ->whereNotNull('shown')
            ->where(static fn ($q) => $q
                ->where('goods_listing_id', $listing->id)
                ->orWhere(static fn ($of) => $of->whereNull('goods_listing_id')->where('goods_type', (string) $listing->own_type))
                ->orWhere(static fn ($all) => $all->whereNull('goods_listing_id')->whereNull('goods_type')))
            ->orderByRaw('goods_listing_id IS NULL, goods_type IS NULL')
            ->first();

        return $nearest?->publishedContent() ?? Content::page(self::FIRST, Plan::Goods);
    }

    /** @return HasMany<WrittenPage, Stall> */
    public static function pages(Stall $stall): HasMany
    {
        return WrittenPage::dressed($stall)->where('kind', PageKind::Goods);
    }
}
