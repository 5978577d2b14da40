<?php

declare(strict_types=1);

namespace WindowStall\Core\Landing;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Money\Rates;
use WindowStall\Core\Money\Rounding;

/**
 * What a variant costs to send to a market: the supplier's amounts in the supplier's currency, the market's duty, and
 * handling per parcel.
 *
 * goods = q × unit; delivery = first + (q − 1) × each further one; duty = rate × (goods, or goods + delivery); each
 * turned into the stall's currency and rounded half up once, so that duty is worked out on what wasn't rounded yet.
 */
final readonly class Cost
{
    public function __construct(
        public Money $unit,
        public Money $deliveryFirst,
        public Money $deliveryNext,
        public Duty $duty,
        public Money $handling,
    ) {
    }

    /**
     * @param  int  $quantity  pieces in one parcel, from 1
     *
     * @throws \WindowStall\Core\Money\RateMissing
     */
    public function landed(int $quantity, Rates $rates): Landed
    {
        $goods = $quantity === 1 ? $this->unit : $this->unit->times($quantity);
        $delivery =
            $quantity === 1
                ? $this->deliveryFirst
                : $this->deliveryFirst->plus($this->deliveryNext->times($quantity - 1));
        $rate = $rates->from($goods->currency);

        return Landed::of(
            $rate->convert($goods),
            ($delivery->currency->code === $goods->currency->code ? $rate : $rates->from($delivery->currency))->convert(
                $delivery,
            ),
            $this->duty->rate->millionths === 0 ? null : $this->duty($goods, $delivery, $rates),
            $this->handling->currency->code === $rates->into->code
                ? $this->handling
                : $rates->from($this->handling->currency)->convert($this->handling),
        );
    }

    private function duty(Money $goods, Money $delivery, Rates $rates): Money
    {
        $both = $this->duty->on === DutyBase::GoodsAndDelivery;
        $rate = $rates->from($goods->currency);
        $fraction = $rate->wholeFraction();
        if ($fraction !== null && (! $both || $delivery->currency->is($goods->currency))) {
            $dutiable = $both ? $goods->minor + $delivery->minor : $goods->minor;
            [$numerator, $denominator] = Rounding::reduced($fraction[0] * $this->duty->rate->millionths, Rate::WHOLE);
            $most = $denominator * $fraction[1];
            if (is_int($most)) {
                return new Money(Rounding::halfUp($dutiable, $numerator, $most), $rates->into);
            }
        }
        $exact = $rate->exactly($goods)->plus($both ? $rates->from($delivery->currency)->exactly($delivery) : 0);

        return Money::rounded(
            $exact->multipliedBy($this->duty->rate->millionths)->dividedBy(Rate::WHOLE),
            $rates->into,
        );
    }
}
