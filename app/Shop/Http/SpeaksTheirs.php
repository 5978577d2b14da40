<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Shop\ShopStall;
use WindowStall\Stall\Terms\ShopMarket;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Speech\Speech;

/**
 * Speaks to a shopper in the language of the page they came from, where a page stands at one address for all: its form says
 * it, and the browser keeps it from then on.
 */
final class SpeaksTheirs
{
    /** Written by the shop's pages, too (resources/shop/islands/shop.ts). */
    public const COOKIE = 'language';

    private const DAYS = 60;

    public function handle(Request $request, Closure $next): Response
    {
        $stall = ShopStall::of($request);
        $spoken = ShopMarket::spoken($stall);
        $said = Typed::text($request, 'language');
        $kept = $request->cookies->get(self::COOKIE);
        $language = match (true) {
            in_array($said, $spoken, true) => $said,
            in_array($kept, $spoken, true) => (string) $kept,
            default => $stall->seen()->language,
        };
        $request->attributes->set('stall', $stall->speaking($language));
        $response = Speech::in($language, static fn (): Response => $next($request));
        if ($language === $said) {
            $response->headers->setCookie(Cookie::create(
                self::COOKIE,
                $said,
                now()->addDays(self::DAYS),
                secure: config('stall.scheme') === 'https',
                httpOnly: false,
                sameSite: Cookie::SAMESITE_LAX,
            ));
        }

        return $response;
    }
}
