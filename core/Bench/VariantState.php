<?php

declare(strict_types=1);

namespace WindowStall\Core\Bench;

use WindowStall\Core\Money\Money;

/** What readiness has to know about one variant of a listing. */
final readonly class VariantState
{
    /**
     * @param  int  $stock  pieces that can be sold
     * @param  Money|null  $keep what one sale keeps; null when the supplier doesn't deliver to the home market
     * @param  bool  $underFloor  whether that is less than the floor asks
     * @param  bool  $knowingly  whether the keeper said it may be sold so
     * @param  bool  $toOrder  whether its supplier takes an order for it
     */
    public function __construct(
        public string $label,
        public bool $on,
        public int $stock,
        public ?Money $price,
        public ?Money $keep,
        public bool $underFloor = false,
        public bool $knowingly = false,
        public bool $toOrder = true,
    ) {
    }
}
