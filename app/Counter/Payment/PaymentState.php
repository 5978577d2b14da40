<?php

declare(strict_types=1);

namespace WindowStall\Counter\Payment;

/** How the payment service says a payment stands. */
enum PaymentState: string
{
    case Open = 'open';
    case Authorised = 'authorised';
    case Captured = 'captured';
    case Declined = 'declined';
    case Void = 'void';
    case Refunded = 'refunded';
}
