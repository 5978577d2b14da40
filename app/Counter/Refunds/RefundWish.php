<?php

declare(strict_types=1);

namespace WindowStall\Counter\Refunds;

use WindowStall\Core\Dispatch\Refund\Bearer;
use WindowStall\Core\Dispatch\Refund\RefundAsked;

/** What somebody at the counter wants to give back, and what they say of it. */
final readonly class RefundWish
{
    /**
     * @param  string  $key  of this wish: sent twice, it is one refund
     * @param  RefundAsked|null  $asked  null: all that is left
     * @param  int  $borne  what the supplier or the carrier pays of it, minor units of the stall's currency
     * @param  bool  $credited  whether it pays for what is sent instead, so that no money moves
     * @param  string  $why  for the shopper to read; "" for nothing
     */
    public function __construct(
        public string $key,
        public ?RefundAsked $asked = null,
        public Bearer $bears = Bearer::Stall,
        public int $borne = 0,
        public string $why = '',
        public ?int $by = null,
        public bool $credited = false,
    ) {
    }
}
