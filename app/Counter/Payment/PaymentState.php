<?php

declare(strict_types=1);

namespace WindowStall\Counter\Payment;

/** How the payment service says a payment stands. */
enum PaymentState: string
{
    case Open = 'open';
    /** Ordered at the shopper's bank; the money isn't there yet. */
    case Pending = 'pending';
    case Authorised = 'authorised';
    case Captured = 'captured';
    case Declined = 'declined';
    case Void = 'void';
    case Refunded = 'refunded';
}
