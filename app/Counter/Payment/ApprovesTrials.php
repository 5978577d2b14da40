<?php

declare(strict_types=1);

namespace WindowStall\Counter\Payment;

/** A payment service that approves a payment that is only tried, as its shopper would have on its page. */
interface ApprovesTrials
{
    /**
     * @param  PaymentAccess  $access  by the key for trying out
     * @param  string  $id  a payment that was opened with that key
     *
     * @throws PaymentTrouble
     */
    public function approve(PaymentAccess $access, string $id): void;
}
