<?php

declare(strict_types=1);

namespace WindowStall\Support\Http;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;

/** Who has signed in before in a browser, told by a cookie that only this program can write. */
final class KnownBrowser
{
    public const COOKIE = 'known_here';

    /** People of one browser that are remembered. */
    private const MOST = 5;

    private const MINUTES = 365 * 24 * 60;

    public static function knows(Request $request, string $email): bool
    {
        return $email !== '' && in_array(self::mark($email), self::marks($request), true);
    }

    public static function remember(Request $request, string $email): void
    {
        $marks = array_slice(array_values(array_unique([self::mark($email), ...self::marks($request)])), 0, self::MOST);
        Cookie::queue(Cookie::make(self::COOKIE, implode(' ', $marks), self::MINUTES, httpOnly: true, sameSite: 'lax'));
    }

    /** @return list<string> */
    private static function marks(Request $request): array
    {
        $kept = $request->cookie(self::COOKIE);

        return is_string($kept) ? array_values(array_filter(explode(' ', $kept))) : [];
    }

    private static function mark(string $email): string
    {
        return hash('xxh128', mb_strtolower(trim($email)));
    }
}
