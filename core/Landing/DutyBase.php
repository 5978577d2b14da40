<?php

declare(strict_types=1);

namespace WindowStall\Core\Landing;

/** What a market's customs take their share of. */
enum DutyBase: string
{
    case Goods = 'goods';
    case GoodsAndDelivery = 'goods_and_delivery';
}
