<?php

declare(strict_types=1);

namespace WindowStall\Counter\Payment;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Payment\PayMethod;

/** What a payment is opened for. */
final readonly class AskedPayment
{
    /**
     * @param  string  $reference  of which there is one payment, however often it is opened
     * @param  string  $returnTo  where the shopper comes back to
     * @param  string  $notifyTo  where the service tells by itself what becomes of it
     * @param  string  $secret  by which it signs that
     * @param  string  $wallet  of whoever said there who they are; "" for nobody
     * @param  string  $again  an earlier payment by the same shopper, whose means it is paid by where the service can; "" for none
     */
    public function __construct(
        public Money $amount,
        public string $reference,
        public PayMethod $method,
        public string $payee,
        public string $returnTo,
        public string $notifyTo,
        #[\SensitiveParameter] public string $secret,
        public string $wallet = '',
        public string $again = '',
    ) {
    }
}
