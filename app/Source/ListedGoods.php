<?php

declare(strict_types=1);

namespace WindowStall\Source;

use WindowStall\Stall\Stall;

/** What a stall has made of a supplier's goods; whoever keeps listings says so. */
interface ListedGoods
{
    /** @return array{shown: int, all: int} listings of a supplier's goods: in the window, and altogether */
    public function count(Stall $stall, SupplierConnection $connection): array;

    /** Takes them out of the window and puts them by. @return int how many */
    public function putBy(Stall $stall, SupplierConnection $connection): int;
}
