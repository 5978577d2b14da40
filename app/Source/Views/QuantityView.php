<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

use WindowStall\Core\Landing\LandedCost;
use WindowStall\Support\Views\MoneyView;

/** What so many pieces in one parcel cost landed. */
final readonly class QuantityView
{
    public function __construct(
        public int $pieces,
        public MoneyView $goods,
        public MoneyView $delivery,
        public MoneyView $landed,
        public MoneyView $each,
    ) {
    }

    public static function of(int $pieces, LandedCost $landed): self
    {
        return new self(
            pieces: $pieces,
            goods: MoneyView::of($landed->goods),
            delivery: MoneyView::of($landed->delivery),
            landed: MoneyView::of($landed->total),
            each: MoneyView::of($landed->perPiece($pieces)),
        );
    }
}
