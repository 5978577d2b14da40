<?php

declare(strict_types=1);

namespace WindowStall\Source;

use WindowStall\Core\Source\Item;
use WindowStall\Stall\Stall;

/** Goods that a stall makes of what a supplier lists, such as a blank with artwork on it; whoever makes them says so. */
interface MadeGoods
{
    /**
     * @param  list<Item>  $items  as the supplier says them now
     * @return list<Item> what is made of these
     */
    public function of(SupplierConnection $connection, array $items): array;

    /** What an item was made from; null where nobody made it. */
    public function from(Stall $stall, SupplierItem $item): ?MadeFrom;

    public function count(SupplierConnection $connection): int;
}
