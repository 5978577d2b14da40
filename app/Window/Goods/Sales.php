<?php

declare(strict_types=1);

namespace WindowStall\Window\Goods;

use WindowStall\Stall\Stall;

/** What shoppers bought lately, for sections that show it. Filled by the area that keeps orders. */
interface Sales
{
    /** How far back "lately" reaches, in days. */
    public const DAYS = 60;

    /** @return list<int> listings by pieces sold, most first; those that sold nothing aren't in it */
    public function bestSelling(Stall $stall, int $most): array;
}
