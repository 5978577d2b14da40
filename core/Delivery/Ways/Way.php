<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Ways;

use WindowStall\Core\Money\Money;

/** How goods go to a place: what a shopper pays for it, and by which of their suppliers' methods they travel. */
final readonly class Way
{
    /**
     * @param  string  $name  that shoppers choose it by; "" where there is one way only
     * @param  Money|null  $freeOver  goods worth this much or more are sent for nothing; surcharges stay
     * @param  bool  $phone  whether who brings it wants to ring first
     * @param  string  $collected  where and when shoppers fetch it themselves, in the seller's words; "" where it is brought
     * @param  Money|null  $under  the quickest that costs the stall less than this; where none does, the cheapest
     */
    public function __construct(
        public string $name,
        public Charge $charge,
        public SplitCharge $across = SplitCharge::Once,
        public ?Money $freeOver = null,
        public MethodPreference $prefers = MethodPreference::Cheapest,
        public ?Money $under = null,
        public bool $phone = false,
        public string $collected = '',
    ) {
    }

    public function isFreeFor(Money $goods): bool
    {
        return $this->freeOver !== null && $goods->compare($this->freeOver) >= 0;
    }

    /**
     * What is paid for parcels, surcharges and free delivery left aside.
     *
     * @param  non-empty-list<Load>  $parcels
     * @return Money|null null where what it goes by isn't known of one of them
     */
    public function charged(array $parcels): ?Money
    {
        if ($this->across === SplitCharge::Once) {
            return $this->charge->of(Load::together($parcels));
        }
        $each = [];
        foreach ($parcels as $parcel) {
            $charge = $this->charge->of($parcel);
            if ($charge === null) {
                return null;
            }
            $each[] = $charge->minor;
        }

        return $parcels[0]->goods->with($this->across === SplitCharge::Sum ? array_sum($each) : max($each));
    }
}
