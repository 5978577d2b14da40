<?php

declare(strict_types=1);

namespace WindowStall\Core\Landing;

use WindowStall\Core\Money\Money;

/** What of one item is put beside others. Null where it isn't known or can't be had. */
final readonly class Compared
{
    /**
     * @param  int  $stock  pieces
     * @param  int  $variants  how many there are
     * @param  int|null  $ratingTenths  tenths of a star
     * @param  int|null  $days  working days to the door at the latest
     */
    public function __construct(
        public ?Money $landed,
        public ?Money $goods,
        public ?Money $delivery,
        public ?int $days,
        public int $stock,
        public int $variants,
        public ?int $ratingTenths,
        public ?Money $keep,
    ) {
    }
}
