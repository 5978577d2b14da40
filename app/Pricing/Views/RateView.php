<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

/** An exchange rate: what one of a currency costs, since when, and who said so. */
final readonly class RateView
{
    /** @param  bool  $used  whether a supplier or a market speaks it */
    public function __construct(
        public string $from,
        public string $rate,
        public string $day,
        public bool $typed,
        public bool $used,
    ) {
    }
}
