<?php

declare(strict_types=1);

namespace WindowStall\Core\Basket\Codes;

/** What a code takes off the lines it holds for. */
interface Reduction
{
    /**
     * @param  non-empty-list<DiscountedLine>  $lines  those it holds for, as earlier codes left them
     * @return int minor units, no more than the lines come to
     */
    public function of(array $lines): int;

    /** Before which other kinds it counts: the lowest first. */
    public function turn(): int;
}
