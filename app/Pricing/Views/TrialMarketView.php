<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

use WindowStall\Core\Pricing\Listing\TrialTally;
use WindowStall\Stall\Stall;

/** What a trial came to in a market other than home. */
final readonly class TrialMarketView
{
    public function __construct(
        public string $market,
        public string $name,
        public int $up,
        public int $down,
        public int $underBefore,
        public int $underAfter,
        public int $unpriced,
    ) {
    }

    public static function of(string $market, TrialTally $t): self
    {
        return new self(
            market: $market,
            name: Stall::countryName($market),
            up: $t->up,
            down: $t->down,
            underBefore: $t->underBefore,
            underAfter: $t->underAfter,
            unpriced: $t->unpriced,
        );
    }
}
