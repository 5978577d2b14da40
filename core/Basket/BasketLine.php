<?php

declare(strict_types=1);

namespace WindowStall\Core\Basket;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Offers\Ladder;

/**
 * So many pieces of one variant, at one price or down the rungs of a multi-buy ladder, alone or with other lines of the same
 * goods.
 */
final readonly class BasketLine
{
    public const MOST_PIECES = 99;

    /**
     * @param  int  $quantity  pieces
     * @param  Money|null  $mixed  what it comes to where it climbs the ladder together with other lines
     */
    public function __construct(
        public Money $unit,
        public int $quantity,
        public ?Ladder $ladder = null,
        public ?Money $mixed = null,
    ) {
        if ($quantity < 1 || $quantity > self::MOST_PIECES) {
            throw new \InvalidArgumentException(sprintf('A basket line holds 1 to %d pieces.', self::MOST_PIECES));
        }
    }

    /** What all of them come to where a ladder makes that otherwise than so many times the one. */
    public function laddered(): ?Money
    {
        $total = $this->total();

        return $total->minor === $this->unit->times($this->quantity)->minor ? null : $total;
    }

    public function total(): Money
    {
        return $this->mixed ?? $this->ladder?->price($this->unit, $this->quantity) ?? $this->unit->times($this->quantity);
    }
}
