<?php

declare(strict_types=1);

namespace WindowStall\Counter\Payment;

/** Where a payment service is spoken with, and with which key. */
final readonly class PaymentAccess
{
    /** @param  int  $seconds  the most that an answer may take */
    public function __construct(
        public string $address,
        #[\SensitiveParameter] public string $key,
        public int $seconds,
    ) {
    }

    /** The same with less patience. */
    public function within(?int $seconds): self
    {
        return new self($this->address, $this->key, min($seconds ?? PHP_INT_MAX, $this->seconds));
    }
}
