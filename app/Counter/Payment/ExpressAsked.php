<?php

declare(strict_types=1);

namespace WindowStall\Counter\Payment;

/** A shopper is about to say who they are on a page of the payment service. */
final readonly class ExpressAsked
{
    public function __construct(public string $id, public string $openAt)
    {
    }
}
