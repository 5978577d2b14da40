<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Http\Request;
use WindowStall\Stall\ShopState;
use WindowStall\Stall\Stall;

/** The stall whose shop a request is for, as {@see Http\OwnShopOnly} found it. */
final class ShopStall
{
    public static function of(Request $request): Stall
    {
        $stall = $request->attributes->get('stall');

        return $stall instanceof Stall ? $stall : abort(404);
    }

    /** The state of that shop before anything was read for this request. */
    public static function state(Request $request): ShopState
    {
        $state = $request->attributes->get('shop state');

        return $state instanceof ShopState ? $state : abort(404);
    }
}
