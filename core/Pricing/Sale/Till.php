<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Sale;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\CurrencyMismatch;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Money\Rounding;

/**
 * What one sale comes to, line by line, by the formulas of {@see SaleTerms}; the lines always add up to what the
 * shopper pays.
 *
 * margin = K / R; markup = (P without tax) / L − 1.
 */
final readonly class Till
{
    private function __construct(
        public Money $price,
        public Money $charged,
        public Money $goods,
        public Money $delivery,
        public Money $duty,
        public Money $handling,
        public Money $landed,
        public Money $fee,
        public Money $platform,
        public Money $returns,
        public Money $advertising,
        public Money $tax,
        public Money $receipts,
        public Money $keep,
        public ?int $marginBp,
        private SaleTerms $terms,
    ) {
    }

    /**
     * @param  Money  $price  P, what the shopper pays for the goods
     *
     * @throws CurrencyMismatch when price, cost and terms aren't all in one currency
     */
    public static function ring(Money $price, Landed $landed, SaleTerms $terms): self
    {
        $l = $terms->lines($price->minor);
        $keep =
            $l['receipts'] -
            $landed->total->minor -
            $l['payment'] -
            $l['platform'] -
            $l['returns'] -
            $terms->advertising->minor;

        return new self(
            $price,
            $price->with($terms->chargedAt($price->minor)),
            $landed->goods,
            $landed->delivery,
            $landed->duty,
            $landed->handling,
            $landed->total,
            $price->with($l['payment']),
            $price->with($l['platform']),
            $price->with($l['returns']),
            $terms->advertising,
            $price->with($l['tax']),
            $price->with($l['receipts']),
            $price->with($keep),
            $l['receipts'] === 0 ? null : Rounding::halfUp($keep, 10_000, $l['receipts']),
            $terms,
        );
    }

    /**
     * The most a piece may cost landed so that a sale at this price keeps the margin, rounded down.
     *
     * @param  int  $marginBp  the share of the receipts to keep, in basis points
     */
    public static function mostLanded(Money $price, SaleTerms $terms, int $marginBp): Money
    {
        [$keep, $receipts] = $terms->keep($price->minor, 0);

        return $price->with($keep - Rounding::up($receipts, $marginBp, 10_000));
    }

    public function losesMoney(): bool
    {
        return $this->keep->isNegative();
    }

    /** (P without tax) ÷ L − 1, in basis points; null where nothing is paid for the goods. */
    public function markupBp(): ?int
    {
        return $this->landed->minor === 0
            ? null
            : $this->priceWithoutTax()
                ->dividedBy($this->landed->minor)
                ->minus(1)
                ->multipliedBy(10_000)
                ->toScale(0, RoundingMode::HALF_UP)
                ->toInt();
    }

    /** The lowest price at which nothing is lost; null where no price is high enough. */
    public function breakEvenPrice(): ?Money
    {
        return $this->terms->priceKeeping($this->landed, Money::zero($this->price->currency));
    }

    /** What may be spent on advertising for an order before it loses money; below nought where it loses already. */
    public function breakEvenAdvertising(): Money
    {
        return $this->keep->plus($this->advertising);
    }

    /**
     * What each unit of that spend has to bring in sales without tax, in hundredths; null where there is nothing to
     * spend.
     */
    public function returnOnAdvertisingNeeded(): ?int
    {
        $spend = $this->breakEvenAdvertising()->minor;

        return $spend <= 0
            ? null
            : $this->priceWithoutTax()
                ->dividedBy($spend)
                ->multipliedBy(100)
                ->toScale(0, RoundingMode::HALF_UP)
                ->toInt();
    }

    private function priceWithoutTax(): BigRational
    {
        $tax = $this->terms->tax;

        return $tax->included
            ? $this->price
                ->rational()
                ->multipliedBy(Rate::WHOLE)
                ->dividedBy(Rate::WHOLE + $tax->rate->millionths)
            : $this->price->rational();
    }
}
