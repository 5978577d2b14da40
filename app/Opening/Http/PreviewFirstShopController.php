<?php

declare(strict_types=1);

namespace WindowStall\Opening\Http;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use WindowStall\Bench\Listing;
use WindowStall\Opening\Arrangement;
use WindowStall\Opening\FirstShop;
use WindowStall\Opening\LaidWay;
use WindowStall\Shop\Http\ShopResponse;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Shop\ShopStall;
use WindowStall\Stall\Stall;
use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Pages\PageRenderer;

/** A first shop as it would be, through the shoppers' renderer; only by a signed address. */
final readonly class PreviewFirstShopController
{
    public function __construct(private PageRenderer $pages, private ShopRenderer $renderer)
    {
    }

    public function front(Request $request, int $firstShop, int $way): Response
    {
        [$stall, $first, $laid] = self::laid($request, $firstShop, $way);
        $goods = WindowGoods::with($stall, $first->toBe());

        return ShopResponse::html($this->pages->home($stall, $laid->front, goods: $goods), private: true);
    }

    /** The page of the one that leads. */
    public function goods(Request $request, int $firstShop, int $way): Response
    {
        [$stall, $first, $laid] = self::laid($request, $firstShop, $way);
        $listing = Listing::of($stall)->with(Listing::FOR_FIGURES)->findOrFail($first->wanted()[0]);

        return ShopResponse::html(
            $this->renderer->goods($stall, $laid->front, $listing, laid: $laid->goods),
            private: true,
        );
    }

    /** @return array{Stall, FirstShop, LaidWay} */
    private static function laid(Request $request, int $firstShop, int $way): array
    {
        abort_unless($request->hasValidSignature(), 404);
        $stall = ShopStall::of($request);
        $first = FirstShop::of($stall)->findOrFail($firstShop);
        abort_if($first->wanted() === [], 404);

        return [$stall, $first, LaidWay::of($stall, $first, Arrangement::from($way))];
    }
}
