<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Quote;

use WindowStall\Core\Delivery\DayRange;

/** When a supplier packs: up to which hour on the day of the order, how long it takes, and when nobody is there. */
final readonly class Dispatcher
{
    public DayRange $packing;

    /**
     * @param  string|null  $cutOff  "14:00"; null where it isn't known
     * @param  DayRange|null  $packing  working days besides those in its quotes
     * @param  list<array{string, string}>  $closed  from and to, both included, as YYYY-MM-DD
     */
    public function __construct(
        public string $name,
        public ?string $cutOff = null,
        ?DayRange $packing = null,
        public array $closed = [],
    ) {
        $this->packing = $packing ?? new DayRange(0, 0);
    }
}
