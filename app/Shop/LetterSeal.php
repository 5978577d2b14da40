<?php

declare(strict_types=1);

namespace WindowStall\Shop;

/**
 * When a form was made, sealed: who answers at once, or long after, isn't a person at the page. No puzzle, no script.
 */
final class LetterSeal
{
    /** Seconds a person needs at least, and a page may lie open. */
    private const SOONEST = 3;

    private const LATEST = 86_400;

    public static function now(): string
    {
        $at = (string) now()->getTimestamp();

        return $at.'.'.self::sign($at);
    }

    public static function fits(string $seal): bool
    {
        [$at, $sign] = explode('.', $seal, 2) + ['', ''];
        $age = now()->getTimestamp() - (int) $at;

        return ctype_digit($at) && hash_equals(self::sign($at), $sign) && $age >= self::SOONEST && $age <= self::LATEST;
    }

    private static function sign(string $at): string
    {
        return substr(hash_hmac('sha256', 'letter.'.$at, (string) config('app.key')), 0, 32);
    }
}
