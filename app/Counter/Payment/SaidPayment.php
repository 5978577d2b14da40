<?php

declare(strict_types=1);

namespace WindowStall\Counter\Payment;

/** How a payment stands, as its service says. */
final readonly class SaidPayment
{
    public function __construct(
        public string $id,
        public PaymentState $state,
        public ?string $payAt,
        public bool $disputed,
    ) {
    }
}
