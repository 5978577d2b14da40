<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Sale;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Money\Rounding;
use WindowStall\Core\Tax\SalesTax;

/**
 * What every sale to a market bears besides the goods, and the prices that follow from it.
 *
 * With P the price, D the delivery charged (nothing from the value on from which it is free) and t the tax: tax
 * included, gross G = P + D, tax = G − G/(1 + t), receipts R = G − tax; tax on top, R = P + D, tax = t × R, G = R +
 * tax. Payment fee = rate × G + fixed, platform fee = rate × (P + D), returns allowance = rate × R. You keep K = R −
 * landed − fees − allowance − advertising. Each line is rounded half up once; all works on whole minor units.
 */
final readonly class SaleTerms
{
    /** Of so much on the price at least one has to be kept for a price to be looked for. */
    private const LEAST = 10_000;

    public Rate $platform;

    public Rate $returns;

    public Money $advertising;

    /** From which price on delivery is free, in minor units. */
    private int $free;

    /** How many lines are rounded. */
    private int $roundings;

    /** @var array{int, int} */
    private array $plainSlope;

    /**
     * @param  Money  $charged  D, what the shopper pays for delivery
     * @param  Rate  $payment  the payment provider's share of the gross
     * @param  Rate|null  $platform  a marketplace's share of price and delivery
     * @param  Rate|null  $returns  what returns eat of the receipts
     * @param  Money|null  $advertising  spent for each order
     * @param  Money|null  $freeOver  goods worth so much or more are sent without a charge
     */
    public function __construct(
        public SalesTax $tax,
        public Money $charged,
        public Rate $payment,
        public Money $paymentFixed,
        ?Rate $platform = null,
        ?Rate $returns = null,
        ?Money $advertising = null,
        public ?Money $freeOver = null,
    ) {
        $this->platform = $platform ?? Rate::none();
        $this->returns = $returns ?? Rate::none();
        $this->advertising = $advertising ?? Money::zero($charged->currency);
        $this->free = $freeOver->minor ?? PHP_INT_MAX;
        $this->roundings = count(
            array_filter([
                $tax->rate->millionths,
                $payment->millionths,
                $this->platform->millionths,
                $this->returns->millionths,
            ]),
        );
        $this->plainSlope = $this->slope(0);
    }

    /** The same for one sale of which it is known what its tax comes to. */
    public function taxed(Money $tax): self
    {
        return new self(
            $this->tax->known($tax),
            $this->charged,
            $this->payment,
            $this->paymentFixed,
            $this->platform,
            $this->returns,
            $this->advertising,
            $this->freeOver,
        );
    }

    /** The same, with delivery charged whatever the goods are worth. */
    public function alwaysCharging(): self
    {
        return $this->freeOver === null ? $this : $this->charging($this->charged);
    }

    /**
     * What is charged for delivery where the goods are sold for so much.
     *
     * @param  int  $price  in minor units of the currency of the terms
     */
    public function chargedAt(int $price): int
    {
        return $price >= $this->free ? 0 : $this->charged->minor;
    }

    /**
     * @param  int  $price  in minor units of the currency of the terms
     * @return array{tax: int, gross: int, receipts: int, payment: int, platform: int, returns: int} every line at a
     *     price, in minor units
     */
    public function lines(int $price): array
    {
        $asked = $price + $this->chargedAt($price);
        $tax = $this->tax->minorOn($asked);
        [$gross, $receipts] = $this->tax->included ? [$asked, $asked - $tax] : [$asked + $tax, $asked];

        return [
            'tax' => $tax,
            'gross' => $gross,
            'receipts' => $receipts,
            'payment' => Rounding::halfUp($gross, $this->payment->millionths, Rate::WHOLE) + $this->paymentFixed->minor,
            'platform' => $this->platform->millionths === 0
                    ? 0
                    : Rounding::halfUp($asked, $this->platform->millionths, Rate::WHOLE),
            'returns' => $this->returns->millionths === 0
                    ? 0
                    : Rounding::halfUp($receipts, $this->returns->millionths, Rate::WHOLE),
        ];
    }

    /**
     * @param  int  $price  in minor units of the currency of the terms
     * @param  int  $landed  in minor units
     * @return array{int, int} what is kept at a price, and the receipts; minor units
     */
    public function keep(int $price, int $landed): array
    {
        $asked = $price + ($price >= $this->free ? 0 : $this->charged->minor);
        $tax = $this->tax->minorOn($asked);
        [$gross, $receipts] = $this->tax->included ? [$asked, $asked - $tax] : [$asked + $tax, $asked];
        $keep =
            $receipts -
            $landed -
            Rounding::halfUp($gross, $this->payment->millionths, Rate::WHOLE) -
            $this->paymentFixed->minor -
            $this->advertising->minor;
        if ($this->platform->millionths !== 0) {
            $keep -= Rounding::halfUp($asked, $this->platform->millionths, Rate::WHOLE);
        }
        if ($this->returns->millionths !== 0) {
            $keep -= Rounding::halfUp($receipts, $this->returns->millionths, Rate::WHOLE);
        }

        return [$keep, $receipts];
    }

    /**
     * The lowest price that keeps an amount and, besides, a share of the receipts: 0 and no share is the break-even
     * price.
     *
     * Exact: what is kept at it meets the target and at a minor unit less it doesn't, fees and tax as they will be
     * rounded.
     *
     * @return Money|null null where no price does: fees, tax and the share eat all that a higher price brings, or leave
     *     less than a ten-thousandth
     */
    public function priceKeeping(Money $landed, Money $amount, ?Rate $margin = null): ?Money
    {
        if ($this->freeOver === null) {
            return $this->priceKeepingAlways($landed, $amount, $margin);
        }
        $charged = $this->alwaysCharging()->priceKeepingAlways($landed, $amount, $margin);

        return $charged !== null && $charged->minor < $this->free
            ? $charged
            : $this->freePriceKeeping($landed, $amount, $margin);
    }

    /** The same among the prices at which delivery is free; null where there are none. */
    public function freePriceKeeping(Money $landed, Money $amount, ?Rate $margin = null): ?Money
    {
        $least = $this->freeOver === null
            ? null
            : $this->charging($landed->with(0))->priceKeepingAlways($landed, $amount, $margin);

        return $least === null ? null : $least->with(max($least->minor, $this->free));
    }

    /** The same, with another charge for delivery; whatever the goods are worth, where nothing else is said. */
    public function charging(Money $charged, ?Money $freeOver = null): self
    {
        return new self(
            $this->tax,
            $charged,
            $this->payment,
            $this->paymentFixed,
            $this->platform,
            $this->returns,
            $this->advertising,
            $freeOver,
        );
    }

    private function priceKeepingAlways(Money $landed, Money $amount, ?Rate $margin): ?Money
    {
        $m = $margin->millionths ?? 0;
        [$numerator, $denominator] = $m === 0 ? $this->plainSlope : $this->slope($m);
        if ($numerator <= intdiv($denominator, self::LEAST)) {
            return null;
        }
        $short = $amount->minor + $landed->minor + $this->paymentFixed->minor + $this->advertising->minor;
        // Half a minor unit a rounded line lies between the exact line and the rounded ones: below this no price meets
        // the target.
        $from = Rounding::up(2 * $short - $this->roundings, $denominator, 2 * $numerator) - $this->charged->minor;
        $most = Money::MOST_UNITS * $landed->currency->minorPerUnit();
        for ($price = max(0, $from); $price <= $most; $price++) {
            [$keep, $receipts] = $this->keep($price, $landed->minor);
            if (($keep - $amount->minor) * Rate::WHOLE >= $m * $receipts) {
                return $landed->with($price);
            }
        }

        return null;
    }

    /**
     * How much more is kept (less a share of the receipts) for each minor unit on the price, before rounding.
     *
     * @return array{int, int} a fraction in lowest terms
     */
    private function slope(int $margin): array
    {
        $whole = Rate::WHOLE;
        $kept = $whole - $this->returns->millionths - $margin;
        if ($this->tax->included) {
            $with = $whole + $this->tax->rate->millionths;

            return Rounding::reduced(
                $kept * $whole - ($this->payment->millionths + $this->platform->millionths) * $with,
                $whole * $with,
            );
        }

        return Rounding::reduced(
            ($kept - $this->platform->millionths) * $whole -
                $this->payment->millionths * ($whole + $this->tax->rate->millionths),
            $whole * $whole,
        );
    }
}
