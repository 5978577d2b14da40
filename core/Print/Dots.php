<?php

declare(strict_types=1);

namespace WindowStall\Core\Print;

/** Pixels, millimetres and dots to the inch. Lengths are in tenths of a millimetre; an inch is 254 of them. */
final class Dots
{
    public const INCH = 254;

    /** @return int dots to the inch that so many pixels give on so many tenths of a millimetre, rounded down */
    public static function toTheInch(int $pixels, int $length): int
    {
        return intdiv($pixels * self::INCH, max(1, $length));
    }

    /** @return int tenths of a millimetre on which so many pixels still give that density */
    public static function longest(int $pixels, int $dpi): int
    {
        return intdiv($pixels * self::INCH, max(1, $dpi));
    }

    /** @return int pixels on a length at a density, rounded to the nearest */
    public static function on(int $length, int $dpi): int
    {
        return max(1, intdiv(2 * $length * $dpi + self::INCH, 2 * self::INCH));
    }
}
