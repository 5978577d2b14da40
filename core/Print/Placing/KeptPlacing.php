<?php

declare(strict_types=1);

namespace WindowStall\Core\Print\Placing;

use WindowStall\Core\Print\ArtworkFacts;
use WindowStall\Core\Source\Blank;
use WindowStall\Core\Source\PrintArea;

/**
 * How artwork was laid once, used for another artwork or on another blank: it keeps the share of the area's width that it
 * took and its distance from the top as a share of the height, and is made smaller where it would stand out.
 */
final class KeptPlacing
{
    /**
     * @param  Blank  $from  where it was laid
     * @param  array<int, ArtworkFacts>  $artworks  by number: all that lie on it, and those that lie there instead
     * @param  array<int, int>  $swaps  artwork → the one that lies in its place
     */
    public static function onto(Placing $kept, Blank $from, Blank $onto, array $artworks, array $swaps = []): Placing
    {
        $laid = [];
        foreach ($kept->laid as $one) {
            $was = $from->area($one->area);
            $area = $onto->area($one->area) ?? ($laid === [] ? $onto->areas[0] ?? null : null);
            if ($was === null || $area === null || isset($laid[$area->code])) {
                continue;
            }
            $method = self::method($onto, $area, $one->method);
            if ($method !== null) {
                $pieces = array_map(
                    static function (Piece $piece) use ($was, $area, $artworks, $swaps): Piece {
                        $artwork = $swaps[$piece->artwork] ?? $piece->artwork;

                        return self::piece($piece->with($artwork), $was, $area, $artworks[$artwork] ?? null);
                    },
                    $one->pieces,
                );
                $laid[$area->code] = new Laid($area->code, $method, $pieces, $one->ground);
            }
        }
        $same = array_values(array_intersect(array_keys($onto->colours), $kept->colours));

        return new Placing(array_values($laid), $same === [] ? array_keys($onto->colours) : $same, []);
    }

    private static function piece(Piece $piece, PrintArea $was, PrintArea $area, ?ArtworkFacts $artwork): Piece
    {
        $width = max(1, (int) round(($piece->width * $area->width) / $was->width));
        $moved = $piece->with(
            x: (int) round(($piece->x * $area->width) / $was->width),
            y: (int) round(($piece->y * $area->height) / $was->height),
            width: $width,
        );

        return $artwork === null || $piece->repeat ? $moved : Fit::inside($moved, $artwork, $area);
    }

    private static function method(Blank $blank, PrintArea $area, string $wanted): ?string
    {
        $fit = array_values(
            array_filter($blank->methods, static fn ($m): bool => in_array($area->code, $m->areas, true)),
        );
        $codes = array_map(static fn ($m): string => $m->code, $fit);

        return in_array($wanted, $codes, true) ? $wanted : $codes[0] ?? null;
    }
}
