<?php

declare(strict_types=1);

namespace WindowStall\Delivery;

use DateTimeImmutable;
use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Delivery\Quote\QuotedGoods;
use WindowStall\Core\Delivery\Quote\Resolution;

/** What was asked, and what core made of it. */
final readonly class Resolved
{
    /**
     * @param  DateTimeImmutable  $paid  by the stall's clock
     * @param  list<QuotedGoods>  $goods
     */
    public function __construct(
        public Destination $to,
        public DateTimeImmutable $paid,
        public array $goods,
        public Resolution $resolution,
    ) {
    }
}
