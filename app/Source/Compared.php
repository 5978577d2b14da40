<?php

declare(strict_types=1);

namespace WindowStall\Source;

use WindowStall\Core\Source\SupplierItem as Item;

/** Items as a supplier says them now, told from what it said before. */
final readonly class Compared
{
    /**
     * @param  list<array{item: Item, hash: string, said: string}>  $changed  those that are new or say something else
     * @param  array{new: int, changed: int, same: int}  $counts
     * @param  list<string>  $ids  the supplier's ids of all of them
     */
    public function __construct(public array $changed, public array $counts, public array $ids)
    {
    }
}
