<?php

declare(strict_types=1);

namespace WindowStall\Core\Basket;

use WindowStall\Core\Money\Money;

/** So many pieces of one variant at one price. */
final readonly class BasketLine
{
    public const MOST_PIECES = 99;

    public function __construct(public Money $unit, public int $quantity)
    {
        if ($quantity < 1 || $quantity > self::MOST_PIECES) {
            throw new \InvalidArgumentException(sprintf('A basket line holds 1 to %d pieces.', self::MOST_PIECES));
        }
    }

    public function total(): Money
    {
        return $this->unit->times($this->quantity);
    }
}
