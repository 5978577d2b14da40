<?php

declare(strict_types=1);

namespace WindowStall\Core\Basket\Codes;

/** A reduction that isn't shared out by what whole lines come to, but by what of each it was made on. */
interface Weighed extends Reduction
{
    /**
     * @param  non-empty-list<DiscountedLine>  $lines
     * @return array<int, int> key → minor units of the line that it was made on
     */
    public function weights(array $lines): array;
}
