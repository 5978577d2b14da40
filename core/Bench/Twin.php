<?php

declare(strict_types=1);

namespace WindowStall\Core\Bench;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;

/** A variant that may become the same as another when an option is dropped. */
final readonly class Twin
{
    /**
     * @param  int  $stock  pieces
     * @param  int  $id  of the listing's variant
     * @param  array<string, string>  $options
     * @param  Money|null  $landed  null where it can't be delivered to the market
     */
    public function __construct(
        public int $id,
        public array $options,
        public ?Money $landed,
        public ?DayRange $days,
        public int $stock,
    ) {
    }
}
