<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Http\Request;
use WindowStall\Stall\Stall;

/** By which the shop knows a rehearsal: what is done with it is seen by nobody else, and is no order. */
final class RehearsalPass
{
    public const NAME = 'rehearsal';

    private const MINUTES = 10;

    public static function of(Stall $stall): string
    {
        $until = now()->addMinutes(self::MINUTES)->getTimestamp();

        return $until.'.'.self::sign($stall, $until);
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
        return hash_hmac('sha256', 'rehearsal '.$stall->id.' '.$until, (string) config('app.key'));
    }
}
