<?php

declare(strict_types=1);

namespace WindowStall\Core\Print\Placing;

use WindowStall\Core\Print\ArtworkFacts;
use WindowStall\Core\Source\PrintArea;

/** Moves and sizes a piece so that it fits its area. */
final class Fit
{
    /** As large as goes between the safe lines, in the middle of them. */
    public static function within(Piece $piece, ArtworkFacts $artwork, PrintArea $area): Piece
    {
        return self::middle($piece->with(width: self::widest($piece, $artwork, $area)), $artwork, $area);
    }

    /** Over the whole area and its bleed: what stands out is cut off. */
    public static function fill(Piece $piece, ArtworkFacts $artwork, PrintArea $area): Piece
    {
        $wide = 10 * ($area->width + 2 * $area->bleed);
        $high = 10 * ($area->height + 2 * $area->bleed);
        $width = max($wide, (int) ceil(($high * $artwork->width) / $artwork->height));
        $filling = $piece->with(x: 0, width: $width, turn: 0);

        return $filling->with(y: intdiv(10 * $area->height - $artwork->heightAt($width), 2));
    }

    /** Where it is, moved no more than it must be, and made smaller only where it is larger than the safe lines. */
    public static function inside(Piece $piece, ArtworkFacts $artwork, PrintArea $area): Piece
    {
        $piece = $piece->with(width: min($piece->width, self::widest($piece, $artwork, $area)));
        $safe = 10 * $area->safe;
        $box = $piece->box($artwork, 10 * $area->width);
        $right = max(0, $safe - $box->left) - max(0, $box->left + $box->width - (10 * $area->width - $safe));
        $down = max(0, $safe - $box->top) - max(0, $box->top + $box->height - (10 * $area->height - $safe));

        return $piece->with(x: $piece->x + $right, y: $piece->y + $down);
    }

    public static function middle(Piece $piece, ArtworkFacts $artwork, PrintArea $area): Piece
    {
        return $piece->with(x: 0, y: intdiv(10 * $area->height - $artwork->heightAt($piece->width), 2));
    }

    /** @return int tenths of a millimetre that it may be wide, turned as it is, to lie between the safe lines */
    private static function widest(Piece $piece, ArtworkFacts $artwork, PrintArea $area): int
    {
        $unit = $piece->with(width: 100_000)->box($artwork, 0);
        // Two tenths are left for rounding.
        $wide = 10 * ($area->width - 2 * $area->safe) - 2;
        $high = 10 * ($area->height - 2 * $area->safe) - 2;

        return max(1, (int) floor(100_000 * min($wide / max(1, $unit->width), $high / max(1, $unit->height))));
    }
}
