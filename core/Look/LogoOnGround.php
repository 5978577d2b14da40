<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/**
 * Whether a logo can be seen where it stands: enough of what is drawn has to differ from the ground by 3 to 1
 * (WCAG 2.2, 1.4.11 for graphics).
 */
final class LogoOnGround
{
    public const LEAST = 3.0;

    /** How much of a logo that is cut out has to be seen, in hundredths. */
    private const CUT_OUT = 50;

    /** One with a ground of its own is read against that; its letters are the smaller part. */
    private const BOXED = 12;

    /** From this share of points that are drawn on, in hundredths, a logo fills its box. */
    private const FULL = 97;

    /**
     * @param  array<string, int>  $colours  #rrggbb → how many points have it
     * @param  int  $points  how many there are, drawn on or not
     * @return float the contrast that enough of it reaches; 21 where nothing is drawn
     */
    public static function contrast(array $colours, int $points, Colour $ground): float
    {
        $drawn = array_sum($colours);
        if ($drawn === 0) {
            return 21.0;
        }
        $needed = $drawn * ($drawn * 100 >= $points * self::FULL ? self::BOXED : self::CUT_OUT) / 100;
        $reached = [];
        foreach ($colours as $hex => $count) {
            $reached[] = [Colour::hex($hex)->contrast($ground), $count];
        }
        usort($reached, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $seen = 0;
        foreach ($reached as [$contrast, $count]) {
            $seen += $count;
            if ($seen >= $needed) {
                return $contrast;
            }
        }

        return 1.0;
    }
}
