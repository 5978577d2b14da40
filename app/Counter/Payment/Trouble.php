<?php

declare(strict_types=1);

namespace WindowStall\Counter\Payment;

use WindowStall\Core\Payment\PayMethod;

/** What stands in the way of a payment, as an order keeps it; who reads it reads it in their language. */
enum Trouble: string
{
    case Away = 'away';
    case Slow = 'slow';
    case DeclinedCard = 'declined_card';
    case DeclinedTransfer = 'declined_transfer';
    case DeclinedLater = 'declined_later';
    case SoldOut = 'sold_out';
    case SellingOut = 'selling_out';
    case RefundWaits = 'refund_waits';

    public static function declined(PayMethod $method): self
    {
        return match ($method) {
            PayMethod::Card => self::DeclinedCard,
            PayMethod::Transfer => self::DeclinedTransfer,
            PayMethod::Later => self::DeclinedLater,
        };
    }
}
