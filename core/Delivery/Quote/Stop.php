<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Quote;

use WindowStall\Core\Delivery\Ways\GoodsRule;

/** Something that stands in the way of sending a basket to an address. */
final readonly class Stop
{
    /** @param  int|null  $line  which goods of the basket, from nought; null for all */
    public function __construct(public StopKind $kind, public ?int $line = null, public ?GoodsRule $rule = null)
    {
    }
}
