<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Recipe;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Sale\SaleTerms;

/** The least that a sale has to keep: a share of the receipts, or an amount. */
final readonly class Floor
{
    private function __construct(public ?Rate $margin, public ?Money $keep)
    {
    }

    public static function margin(Rate $margin): self
    {
        return new self($margin, null);
    }

    public static function keep(Money $amount): self
    {
        return new self(null, $amount);
    }

    /**
     * What has to be kept of a sale with such receipts; minor units, rounded up.
     *
     * @param  int  $receipts  what a sale brings before tax, in minor units
     */
    public function least(int $receipts): int
    {
        return $this->keep->minor ??
            \WindowStall\Core\Money\Rounding::up($receipts, $this->margin->millionths ?? 0, Rate::WHOLE);
    }

    /**
     * @param  int  $price  in minor units of the terms’ currency
     * @param  int  $landed  in minor units
     */
    public function met(int $price, int $landed, SaleTerms $terms): bool
    {
        [$keep, $receipts] = $terms->keep($price, $landed);

        return $keep >= $this->least($receipts);
    }

    /** The lowest price that meets it; null where none does. */
    public function price(Money $landed, SaleTerms $terms): ?Money
    {
        return $terms->priceKeeping($landed, $this->keep ?? Money::zero($landed->currency), $this->margin);
    }

    /** The lowest price that meets it among those at which delivery is free; null where none does. */
    public function priceWithDelivery(Money $landed, SaleTerms $terms): ?Money
    {
        return $terms->freePriceKeeping($landed, $this->keep ?? Money::zero($landed->currency), $this->margin);
    }

    /** "15% of the receipts", "2.00". */
    public function words(): string
    {
        return $this->keep?->digits() ?? $this->margin?->percent().' of the receipts';
    }
}
