<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Refund;

/** What somebody wants given back of an order: pieces of its lines, of what delivery cost, and an amount besides. */
final readonly class RefundAsked
{
    /**
     * @param  array<int, int>  $pieces  by line
     * @param  int  $delivery  minor units, tax and all
     * @param  int  $besides  off the order as a whole, minor units, tax and all
     */
    public function __construct(public array $pieces = [], public int $delivery = 0, public int $besides = 0)
    {
    }
}
