<?php

declare(strict_types=1);

namespace WindowStall\Counter\Payment;

use Illuminate\Http\Request;
use WindowStall\Support\Refusal;

/**
 * How the workshop speaks with one kind of payment service. Every method that goes over the network has a time limit and
 * throws {@see PaymentTrouble}; each can be asked again, and then does nothing a second time.
 */
interface PaymentConnector
{
    /**
     * Whether the key is for real payments.
     *
     * @throws Refusal when it isn't known there
     */
    public function isLive(PaymentAccess $access): bool;

    /** Opens a payment, or finds the one that its reference has. */
    public function open(PaymentAccess $access, AskedPayment $asked): SaidPayment;

    /** Asks whom the service knows to say who they are, on a page of its own. */
    public function express(PaymentAccess $access, string $returnTo): ExpressAsked;

    /** @return array<string, string>|null name, email, street, town, postcode, country and phone; null where they said nothing */
    public function brought(PaymentAccess $access, string $id): ?array;

    public function state(PaymentAccess $access, string $id): SaidPayment;

    /** @param  int|null  $minor  that much of what was approved; all of it when null */
    public function capture(PaymentAccess $access, string $id, ?int $minor = null): void;

    /**
     * @param  string  $key  one for each wish: asked again with the same, it is given back once
     * @param  int|null  $minor  that much of what was captured; all that is left when null
     */
    public function refund(PaymentAccess $access, string $id, string $key, ?int $minor = null): void;

    /** Lets a payment go that isn't captured. */
    public function void(PaymentAccess $access, string $id): void;

    /** News in a request; null where its signature doesn't fit. */
    public function news(Request $request, #[\SensitiveParameter] string $secret): ?PaymentNews;
}
