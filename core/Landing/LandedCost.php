<?php

declare(strict_types=1);

namespace WindowStall\Core\Landing;

use WindowStall\Core\Money\ExchangeRate;
use WindowStall\Core\Money\Money;

/** What one piece costs in the shopper's hands, in the stall's currency: goods and delivery, each rounded once. */
final readonly class LandedCost
{
    private function __construct(
        public Money $goods,
        public Money $delivery,
        public Money $total,
        public Offer $by,
    ) {
    }

    /**
     * Takes the cheapest offer; of two at the same price the faster, then the one with more stock.
     * Offers without stock count only when none has any, so that a sold-out item still shows what it would cost.
     *
     * @param  Money  $unitCost  in the supplier's currency
     * @param  list<Offer>  $offers  deliveries in the supplier's currency
     * @return self|null null when the supplier doesn't deliver to the market at all
     */
    public static function best(Money $unitCost, array $offers, ExchangeRate $rate): ?self
    {
        $stocked = array_values(array_filter($offers, static fn (Offer $o): bool => $o->stock > 0));
        $ranked = $stocked !== [] ? $stocked : $offers;
        usort($ranked, static fn (Offer $a, Offer $b): int => [$a->delivery->minor, $a->days->max, -$a->stock, $a->warehouse, $a->method]
            <=> [$b->delivery->minor, $b->days->max, -$b->stock, $b->warehouse, $b->method]);
        if ($ranked === []) {
            return null;
        }
        $goods = $rate->convert($unitCost);
        $delivery = $rate->convert($ranked[0]->delivery);

        return new self($goods, $delivery, $goods->plus($delivery), $ranked[0]);
    }

    /** What each of so many pieces in the parcel costs, rounded half up. */
    public function perPiece(int $pieces): Money
    {
        return Money::rounded($this->total->rational()->dividedBy($pieces), $this->total->currency);
    }

    /** True when getting it there costs more than the thing itself: the trap sellers fall into most. */
    public function deliveryOutweighsGoods(): bool
    {
        return $this->delivery->compare($this->goods) > 0;
    }
}
