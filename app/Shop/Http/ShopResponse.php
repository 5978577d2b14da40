<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\Response;

/** A shop page with the headers that ops/shop-headers.conf gives to pages served as files. */
final class ShopResponse
{
    public static function html(string $html, int $status = 200, bool $private = false): Response
    {
        // The payment service's fields stand in a page that is its shopper's own, and are sent there.
        $payment = (string) config('stall.payment.address');
        $outside = config('stall.standins.run') ? 'http://*.'.config('stall.standins_host').':* '.$payment : $payment;
        $workshop = config('stall.scheme').'://'.config('stall.workshop_host').config('stall.port_suffix');

        return new Response($html, $status, [
            'Content-Type' => 'text/html; charset=utf-8',
            'Cache-Control' => $private ? 'no-store' : 'no-cache',
            'X-Content-Type-Options' => 'nosniff',
            'Referrer-Policy' => 'same-origin',
            'Content-Security-Policy' => implode('; ', array_filter([
                "default-src 'self'",
                "img-src 'self' data:",
                "style-src 'self' 'unsafe-inline'",
                "script-src 'self'",
                "font-src 'self'",
                "form-action 'self' ".$outside,
                $private ? "frame-src 'self' ".$outside : '',
                "base-uri 'none'",
                "frame-ancestors 'self' ".$workshop,
            ])),
        ]);
    }
}
