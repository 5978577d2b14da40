<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Symfony\Component\HttpFoundation\Cookie;

/**
 * The two cookies of a shop: which basket is this shopper's, and how many pieces lie in it. They travel by TLS only
 * where the shop is served by it.
 */
final class BasketCookies
{
    private const COUNT = 'basket_count';

    public const DAYS = 60;

    /** @return list<Cookie> */
    public static function of(Basket $basket, int $pieces): array
    {
        return [self::make(Basket::COOKIE, $basket->id, forScripts: false), self::count($pieces)];
    }

    /** @return list<Cookie> what a shopper has whose basket became an order */
    public static function emptied(): array
    {
        return [Cookie::create(Basket::COOKIE, '', now()->subDay()), self::count(0)];
    }

    /** Read by the island that shows the number in the masthead; carries nothing else. */
    private static function count(int $pieces): Cookie
    {
        return self::make(self::COUNT, (string) $pieces, forScripts: true);
    }

    private static function make(string $name, string $value, bool $forScripts): Cookie
    {
        return Cookie::create(
            $name,
            $value,
            now()->addDays(self::DAYS),
            '/',
            null,
            config('stall.scheme') === 'https',
            ! $forScripts,
            false,
            'lax',
        );
    }
}
