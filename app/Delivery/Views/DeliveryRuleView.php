<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Views;

/** Goods with terms of their own at a place, in words and as it is written. */
final readonly class DeliveryRuleView
{
    /** @param  string  $more  what they cost more, a decimal; "" where they aren't sent */
    public function __construct(public string $words, public string $by, public string $value, public string $more)
    {
    }
}
