<?php

declare(strict_types=1);

namespace WindowStall\Window\Goods;

use WindowStall\Stall\Stall;
use WindowStall\Window\Written\WrittenPage;

/** Which of the goods the galley shows a goods page with. Shop answers. */
interface PicksGood
{
    /** The one it is for, or else of those it is for the one that was in the window last; null where there is none. */
    public function pick(Stall $stall, WrittenPage $page): ?GoodInHand;

    /**
     * What the program's own part of a list of goods or of the basket is drawn from while it is dressed.
     *
     * @return array<string, mixed>
     */
    public function known(Stall $stall, WrittenPage $page): array;
}
