<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

/** What sales to a market bear, as typed; "" where it is as at home. */
final readonly class MarketTermsView
{
    /** @param  string  $prices  conversion or own */
    public function __construct(
        public string $market,
        public string $name,
        public bool $home,
        public string $prices,
        public string $currency,
        public string $ending,
        public string $duty,
        public string $dutyOn,
        public string $tax,
        public bool $taxOnTop,
        public string $charged,
        public string $effect,
    ) {
    }
}
