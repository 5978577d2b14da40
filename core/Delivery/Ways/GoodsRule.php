<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Ways;

use WindowStall\Core\Delivery\Quote\QuotedGoods;
use WindowStall\Core\Money\Money;

/** Some goods aren't sent to a place, or cost more: those with a tag, those heavier than so much, those of a supplier. */
final readonly class GoodsRule
{
    /**
     * @param  string  $value  the tag; grams; the supplier's number
     * @param  Money|null  $more  what a parcel with such goods costs more; null where they aren't sent at all
     */
    public function __construct(public RuleBy $by, public string $value, public ?Money $more)
    {
    }

    /** Of goods whose weight isn't known it can't be said that they are heavier. */
    public function holds(QuotedGoods $goods): bool
    {
        return match ($this->by) {
            RuleBy::Tag => in_array(mb_strtolower($this->value), array_map(mb_strtolower(...), $goods->tags), true),
            RuleBy::Heavier => $goods->grams !== null && $goods->grams > (int) $this->value,
            RuleBy::Supplier => $goods->supplier === (int) $this->value,
        };
    }
}
