<?php

declare(strict_types=1);

namespace WindowStall\Window\Goods;

/** Goods that aren't in the window, shown as they would stand there, and the shelves they would stand on. */
final readonly class GoodsToBe
{
    /**
     * @param  list<int>  $listings
     * @param  array<int, list<int>>  $shelves  shelf → those of them on it, in their order
     */
    public function __construct(public array $listings, public array $shelves = [])
    {
    }
}
