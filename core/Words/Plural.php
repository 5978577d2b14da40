<?php

declare(strict_types=1);

namespace WindowStall\Core\Words;

/** So many of something, in words: "1 listing", "1,200 listings". */
final class Plural
{
    /**
     * @param  int  $n  how many
     * @param  string|null  $many  where it isn't the one with an s
     */
    public static function of(int $n, string $one, ?string $many = null): string
    {
        return number_format($n).' '.self::word($n, $one, $many);
    }

    /**
     * The word alone: "listing" for one, "listings" for none and for several.
     *
     * @param  int  $n  how many
     */
    public static function word(int $n, string $one, ?string $many = null): string
    {
        return $n === 1 ? $one : $many ?? $one.'s';
    }

    /**
     * As it stands in a sentence: "one variant", "3 variants".
     *
     * @param  int  $n  how many
     */
    public static function spoken(int $n, string $one, ?string $many = null): string
    {
        return $n === 1 ? 'one '.$one : self::of($n, $one, $many);
    }
}
