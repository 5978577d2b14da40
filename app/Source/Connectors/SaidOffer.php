<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

use WindowStall\Core\Dispatch\Asking\OfferState;
use WindowStall\Core\Money\Money;

/** What a supplier offers, and what came of it. */
final readonly class SaidOffer
{
    /**
     * @param  Money  $cost  of a piece; of a changed item what each piece costs more
     * @param  int  $pieces  from how many, or how many
     * @param  Money  $once  whatever the number
     * @param  int  $days  working days until it is ready
     * @param  string|null  $item  that it became
     * @param  string|null  $order  that it became
     */
    public function __construct(
        public string $id,
        public Money $cost,
        public int $pieces,
        public Money $once,
        public int $days,
        public string $words,
        public OfferState $state,
        public ?string $item,
        public ?string $order,
    ) {
    }
}
