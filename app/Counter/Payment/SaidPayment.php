<?php

declare(strict_types=1);

namespace WindowStall\Counter\Payment;

/** How a payment stands, as its service says. */
final readonly class SaidPayment
{
    /**
     * @param  int  $declined  cards that were tried and didn't pay
     * @param  string|null  $cardCountry  ISO 3166-1, where the card is from; null where that isn't said
     */
    public function __construct(
        public string $id,
        public PaymentState $state,
        public ?string $payAt,
        public bool $disputed,
        public int $declined = 0,
        public ?string $cardCountry = null,
    ) {
    }
}
