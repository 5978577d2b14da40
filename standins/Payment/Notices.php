<?php

declare(strict_types=1);

namespace WindowStall\Standins\Payment;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Str;

/** Tells a shop by itself that something became of a payment, signed with the secret it gave for that. */
final class Notices
{
    private const SECONDS = 5;

    /** @return bool whether the shop took it */
    public static function tell(\stdClass $payment): bool
    {
        if ($payment->notify_to === null) {
            return false;
        }
        $body = json_encode([
            'event' => 'e_'.Str::lower(Str::random(20)),
            'payment' => $payment->id,
            'reference' => $payment->reference,
            'state' => $payment->state,
            'disputed' => (bool) $payment->disputed,
        ], JSON_THROW_ON_ERROR);
        $at = (string) time();
        try {
            return Http::timeout(self::SECONDS)
                ->withHeaders([
                    'Payment-Time' => $at,
                    'Payment-Signature' => hash_hmac('sha256', $at.'.'.$body, (string) $payment->notify_secret),
                ])
                ->withBody($body, 'application/json')
                ->post($payment->notify_to)
                ->successful();
        } catch (ConnectionException) {
            return false;
        }
    }
}
