<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch;

use WindowStall\Core\Money\Money;

/** So many pieces of an order from one supplier, and what one of them costs. */
final readonly class ExpectedLine
{
    /**
     * @param  int  $supplier  whoever sends it
     * @param  int  $pieces  one or more
     * @param  Money  $goods  of one piece, in the stall's currency; so are the others
     */
    public function __construct(
        public int $supplier,
        public int $pieces,
        public Money $goods,
        public Money $delivery,
        public Money $duty,
    ) {
    }
}
