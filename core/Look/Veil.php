<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/** How much black has to lie between a picture and words so that the words can be read wherever they fall on it. */
final class Veil
{
    private const STEPS = 50;

    /**
     * @param  list<Colour>  $under  pixels of the picture
     * @return float 0 to 1: the least that gives each of them enough contrast; black lies over it as CSS composites it
     *     (in sRGB)
     */
    public static function over(array $under, Colour $words, float $least = Tones::TEXT): float
    {
        for ($step = 0; $step < self::STEPS; $step++) {
            $veil = $step / self::STEPS;
            $reads = true;
            foreach ($under as $pixel) {
                $reads = $reads && $pixel->darkened($veil)->contrast($words) >= $least;
            }
            if ($reads) {
                return $veil;
            }
        }

        return 1.0;
    }

    /**
     * The least contrast of words over pixels.
     *
     * @param  non-empty-list<Colour>  $under
     */
    public static function contrast(array $under, Colour $words): float
    {
        return min(array_map(static fn (Colour $pixel): float => $pixel->contrast($words), $under));
    }
}
