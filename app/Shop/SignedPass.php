<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Cookie;
use WindowStall\Stall\Stall;

/** A cookie that lets into one shop until a moment, signed by the program (HMAC-SHA256, RFC 2104): "<Unix seconds>.<hex>". */
final class SignedPass
{
    /** @param  string  $name  of the cookie, and what it is a pass of */
    public static function write(string $name, Stall $stall, int $minutes): string
    {
        $until = now()->addMinutes($minutes)->getTimestamp();

        return $until.'.'.self::sign($name, $stall, $until);
    }

    public static function cookie(string $name, Stall $stall, int $minutes): Cookie
    {
        return Cookie::create(
            $name,
            self::write($name, $stall, $minutes),
            now()->addMinutes($minutes),
            '/',
            null,
            config('stall.scheme') === 'https',
            true,
            false,
            'lax',
        );
    }

    public static function holds(string $name, Request $request, Stall $stall): bool
    {
        $pass = $request->cookies->get($name);
        if (! is_string($pass) || preg_match('/^(\d{1,12})\.([0-9a-f]{64})$/D', $pass, $m) !== 1) {
            return false;
        }

        return (int) $m[1] > now()->getTimestamp() && hash_equals(self::sign($name, $stall, (int) $m[1]), $m[2]);
    }

    private static function sign(string $name, Stall $stall, int $until): string
    {
        return hash_hmac('sha256', $name.' '.$stall->id.' '.$until, (string) config('app.key'));
    }
}
