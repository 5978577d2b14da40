<?php

declare(strict_types=1);

namespace WindowStall\Delivery;

use WindowStall\Stall\Stall;

/** What was sent, as whoever keeps orders knows it. */
interface DeliveredLately
{
    /** Orders that are looked at; of more, the latest. */
    public const MOST = 2_000;

    /** Days that count as lately. */
    public const DAYS = 90;

    /**
     * @return list<array{country: string, postcode: string, goods: int, charged: int, cost: int}> paid orders of the stall's
     *     own currency: what the goods were sold for, what delivery was charged, what it cost; minor units
     */
    public function of(Stall $stall): array;
}
