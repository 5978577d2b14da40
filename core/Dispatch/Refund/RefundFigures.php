<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Refund;

/** One refund to the penny: what goes back, out of which part of the order, and the tax within it. Minor units. */
final readonly class RefundFigures
{
    /** @var int what the shopper gets back */
    public int $total;

    /** @var int the tax within it */
    public int $tax;

    /**
     * @param  array<int, int>  $pieces  by line
     * @param  array<int, int>  $lines  what goes back for those pieces, tax and all
     * @param  int  $delivery  tax and all
     * @param  int  $besides  off the order as a whole, tax and all
     * @param  array<string, int>  $taken  out of which part of what was paid ({@see Refundable})
     * @param  array<int, array{back: int, tax: int}>  $rates  by the rate in millionths, the highest first
     */
    public function __construct(
        public array $pieces,
        public array $lines,
        public int $delivery,
        public int $besides,
        public array $taken,
        public array $rates,
    ) {
        $this->total = array_sum($lines) + $delivery + $besides;
        $this->tax = array_sum(array_column($rates, 'tax'));
    }
}
