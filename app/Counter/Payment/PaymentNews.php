<?php

declare(strict_types=1);

namespace WindowStall\Counter\Payment;

/** News of a payment that its service sent by itself, the signature checked. How it stands is asked, not believed. */
final readonly class PaymentNews
{
    /** @param  string  $reference  that it was opened with */
    public function __construct(public string $reference)
    {
    }
}
