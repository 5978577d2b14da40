<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Cookie;
use WindowStall\Stall\Stall;

/** Lets those who work in a stall into its shop while it is closed to shoppers; given by an address signed for them. */
final class KeeperPass
{
    private const NAME = 'keeper';

    private const HOURS = 12;

    public static function cookie(Stall $stall): Cookie
    {
        $until = now()->addHours(self::HOURS);

        return Cookie::create(
            self::NAME,
            $until->getTimestamp().'.'.self::sign($stall, $until->getTimestamp()),
            $until,
            '/',
            null,
            config('stall.scheme') === 'https',
            true,
            false,
            'lax',
        );
    }

    public static function holds(Request $request, Stall $stall): bool
    {
        $pass = $request->cookies->get(self::NAME);
        if (! is_string($pass) || preg_match('/^(\d{1,12})\.([0-9a-f]{64})$/D', $pass, $m) !== 1) {
            return false;
        }

        return (int) $m[1] > now()->getTimestamp() && hash_equals(self::sign($stall, (int) $m[1]), $m[2]);
    }

    private static function sign(Stall $stall, int $until): string
    {
        return hash_hmac('sha256', 'keeper '.$stall->id.' '.$until, (string) config('app.key'));
    }
}
