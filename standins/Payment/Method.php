<?php

declare(strict_types=1);

namespace WindowStall\Standins\Payment;

/** The ways to pay that this service knows. */
enum Method: string
{
    case Card = 'card';
    /** From bank to bank: the shopper orders it here, and the money comes when the bank pays. */
    case Transfer = 'transfer';
    /** In a month; the service pays the shop at once, or refuses the shopper. */
    case Later = 'later';
}
