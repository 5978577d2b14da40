<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Offers;

use WindowStall\Core\Money\Money;

/** A basket value over which delivery can be free, with the figures behind it. */
final readonly class FreeDeliveryProposal
{
    /**
     * @param  Money  $usual  what the usual basket comes to
     * @param  Money  $keep  what it keeps now
     * @param  Money  $then  what a basket of the proposed value keeps with free delivery
     * @param  int  $orders  how many orders were looked at
     * @param  int  $above  how many of them were over the value anyway
     * @param  Money  $cost  what giving up the charge costs on each of those
     */
    public function __construct(
        public Money $over,
        public Money $usual,
        public Money $keep,
        public Money $then,
        public int $orders,
        public int $above,
        public Money $cost,
    ) {
    }
}
