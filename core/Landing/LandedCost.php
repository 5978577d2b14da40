<?php

declare(strict_types=1);

namespace WindowStall\Core\Landing;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rates;

/** What one piece costs in the shopper's hands, in the stall's currency, and the offer it comes by. */
final readonly class LandedCost
{
    private function __construct(
        public Money $goods,
        public Money $delivery,
        public Money $total,
        public Landed $lines,
        public Offer $by,
    ) {
    }

    /**
     * Takes the cheapest offer; of two at the same price the faster, then the one with more stock.
     * Offers without stock count only when none has any, so that a sold-out item still shows what it would cost.
     *
     * @param  Money  $unitCost  in the supplier's currency
     * @param  list<Offer>  $offers  deliveries in the supplier's currency
     * @param  Duty|null  $duty  what the market's customs take
     * @param  Money|null  $handling  per parcel, in the currency of the rates
     * @return self|null null when the supplier doesn't deliver to the market at all
     */
    public static function best(
        Money $unitCost,
        array $offers,
        Rates $rates,
        ?Duty $duty = null,
        ?Money $handling = null,
    ): ?self {
        $stocked = array_values(array_filter($offers, static fn (Offer $o): bool => $o->stock > 0));
        $ranked = $stocked !== [] ? $stocked : $offers;
        usort(
            $ranked,
            static fn (Offer $a, Offer $b): int => [
                $a->delivery->minor,
                $a->days->max,
                -$a->stock,
                $a->warehouse,
                $a->method,
            ] <=> [$b->delivery->minor, $b->days->max, -$b->stock, $b->warehouse, $b->method],
        );
        if ($ranked === []) {
            return null;
        }
        $by = $ranked[0];
        $lines = (new Cost(
            $unitCost,
            $by->delivery,
            $by->further ?? $by->delivery,
            $duty ?? Duty::none(),
            $handling ?? Money::zero($rates->into),
        ))->landed(1, $rates);

        return new self($lines->goods, $lines->delivery, $lines->total, $lines, $by);
    }

    /**
     * What each of so many pieces in the parcel costs, rounded half up.
     *
     * @param  int  $pieces  sent in one parcel
     */
    public function perPiece(int $pieces): Money
    {
        return Money::rounded($this->total->rational()->dividedBy($pieces), $this->total->currency);
    }

    /** True when getting it there costs more than the thing itself: the trap sellers fall into most. */
    public function deliveryOutweighsGoods(): bool
    {
        return $this->lines->deliveryOutweighsGoods();
    }
}
