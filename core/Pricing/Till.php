<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use WindowStall\Core\Money\Money;

/**
 * What one sale comes to, tax included in the price.
 *
 * Gross G = P + D, where P is the price of the goods and D what the shopper pays for delivery.
 * tax = G − G/(1 + t); receipts R = G − tax; payment fee = rate × G + fixed; you keep K = R − landed − fee.
 * Each line is rounded half up to the minor unit once and K is what the rounded lines leave, so the strip always adds up.
 * margin = K / R.
 */
final readonly class Till
{
    private function __construct(
        public Money $price,
        public Money $charged,
        public Money $goods,
        public Money $delivery,
        public Money $fee,
        public Money $tax,
        public Money $keep,
        public ?int $marginBp,
    ) {
    }

    /**
     * @param  Money  $price  P, what the shopper pays for the goods
     * @param  Money  $charged  D, what the shopper pays for delivery
     * @param  Money  $goods  what the goods cost the seller
     * @param  Money  $delivery  what sending them costs the seller
     */
    public static function ring(Money $price, Money $charged, Money $goods, Money $delivery, SaleTerms $terms): self
    {
        $gross = $price->plus($charged);
        $tax = $terms->tax->within($gross);
        $receipts = $gross->minus($tax);
        $fee = $gross->minor === 0
            ? Money::zero($gross->currency)
            : Money::rounded($gross->rational()->multipliedBy($terms->feeBp)->dividedBy(10_000)->plus($terms->feeFixed->minor), $gross->currency);
        $keep = $receipts->minus($goods)->minus($delivery)->minus($fee);
        $marginBp = $receipts->minor === 0
            ? null
            : BigRational::of($keep->minor)->multipliedBy(10_000)->dividedBy($receipts->minor)->toScale(0, RoundingMode::HALF_UP)->toInt();

        return new self($price, $charged, $goods, $delivery, $fee, $tax, $keep, $marginBp);
    }

    /**
     * The most a piece may cost landed so that a sale at this price keeps the margin: L ≤ R − fee − m × R, rounded down.
     *
     * @param  Money  $price  P, what the shopper pays for the goods
     * @param  Money  $charged  D, what the shopper pays for delivery
     * @param  int  $marginBp  m, the share of the receipts to keep, in basis points
     */
    public static function mostLanded(Money $price, Money $charged, SaleTerms $terms, int $marginBp): Money
    {
        $free = self::ring($price, $charged, Money::zero($price->currency), Money::zero($price->currency), $terms);
        $receipts = $price->plus($charged)->minus($free->tax);
        $wanted = BigRational::of($receipts->minor)->multipliedBy($marginBp)->dividedBy(10_000)->toScale(0, RoundingMode::CEILING)->toInt();

        return $free->keep->with($free->keep->minor - $wanted);
    }

    public function losesMoney(): bool
    {
        return $this->keep->isNegative();
    }
}
