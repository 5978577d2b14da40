<?php

declare(strict_types=1);

namespace WindowStall\Window\Goods;

use WindowStall\Stall\Stall;
use WindowStall\Window\Dressed;
use WindowStall\Window\Written\WrittenPage;

/** The goods that a page is dressed with; a goods page has one of them in hand. */
final readonly class GoodsAround
{
    public function __construct(private PicksGood $picks)
    {
    }

    public function of(Stall $stall, Dressed $copy): WindowGoods
    {
        $laid = $copy instanceof WrittenPage && $copy->kind->lays() && ! $copy->isOfGoods();
        if ($laid) {
            return WindowGoods::knowing($stall, $this->picks->known($stall, $copy));
        }
        $picked = $copy instanceof WrittenPage && $copy->isOfGoods() ? $this->picks->pick($stall, $copy) : null;

        return WindowGoods::of($stall, $picked);
    }
}
