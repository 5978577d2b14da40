<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Cookie;

/** What a shopper said of their age: asked once, and remembered by their browser alone. */
final class GrownUp
{
    /** Read by a script of the shop's pages, too (resources/shop/islands/grown.ts). */
    private const COOKIE = 'grown_up';

    private const DAYS = 180;

    /** Of which age or older they said to be; null where nobody was asked. */
    public static function said(Request $request): ?int
    {
        $said = $request->cookies->get(self::COOKIE);

        return is_string($said) && preg_match('/^\d{2}$/D', $said) === 1 ? (int) $said : null;
    }

    public static function is(Request $request, ?int $age): bool
    {
        return $age === null || self::said($request) >= $age;
    }

    public static function cookie(int $age): Cookie
    {
        return Cookie::create(
            self::COOKIE,
            (string) $age,
            now()->addDays(self::DAYS),
            secure: config('stall.scheme') === 'https',
            httpOnly: false,
            sameSite: Cookie::SAMESITE_LAX,
        );
    }
}
