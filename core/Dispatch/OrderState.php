<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch;

/** Where an order stands between the shopper and the seller. */
enum OrderState: string
{
    case AwaitingPayment = 'awaiting_payment';
    case Paid = 'paid';
    case SoldOut = 'sold_out';
    case PaymentLapsed = 'payment_lapsed';
    /** Nothing is sent any more; the payment service hasn't answered yet. */
    case Refunding = 'refunding';
    case Refunded = 'refunded';

    public function words(): string
    {
        return match ($this) {
            self::AwaitingPayment => 'waiting for payment',
            self::Paid => 'paid',
            self::SoldOut => 'sold out before payment, not charged',
            self::PaymentLapsed => 'not paid within a day',
            self::Refunding => 'money on its way back',
            self::Refunded => 'refunded',
        };
    }
}
