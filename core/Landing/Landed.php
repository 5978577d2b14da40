<?php

declare(strict_types=1);

namespace WindowStall\Core\Landing;

use WindowStall\Core\Money\CurrencyMismatch;
use WindowStall\Core\Money\Money;

/**
 * What one sale costs in the shopper's hands, line by line, in the stall's currency; the total is the sum of the
 * rounded lines.
 */
final readonly class Landed
{
    private function __construct(
        public Money $goods,
        public Money $delivery,
        public Money $duty,
        public Money $handling,
        public Money $total,
    ) {
    }

    /** @throws CurrencyMismatch when they aren't all in one currency */
    public static function of(Money $goods, Money $delivery, ?Money $duty = null, ?Money $handling = null): self
    {
        $duty ??= $goods->with(0);
        $handling ??= $goods->with(0);
        $code = $goods->currency->code;
        $other = match (true) {
            $delivery->currency->code !== $code => $delivery,
            $duty->currency->code !== $code => $duty,
            $handling->currency->code !== $code => $handling,
            default => null,
        };
        if ($other !== null) {
            throw CurrencyMismatch::between($goods->currency, $other->currency);
        }

        return new self(
            $goods,
            $delivery,
            $duty,
            $handling,
            $goods->with($goods->minor + $delivery->minor + $duty->minor + $handling->minor),
        );
    }

    /** True when getting it there costs more than the thing itself: the trap sellers fall into most. */
    public function deliveryOutweighsGoods(): bool
    {
        return $this->delivery->compare($this->goods) > 0;
    }
}
