<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use WindowStall\Stall\Stall;

/** Makes the prices that listings are sold at; Pricing does. */
interface MakesPrices
{
    /**
     * @param  list<int>|null  $listings  all of the stall's when null
     * @return int how many prices changed
     */
    public function __invoke(Stall $stall, ?array $listings = null): int;
}
