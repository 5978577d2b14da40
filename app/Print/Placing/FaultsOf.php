<?php

declare(strict_types=1);

namespace WindowStall\Print\Placing;

use WindowStall\Core\Print\Findings\CheckedArtwork as NamedArtwork;
use WindowStall\Core\Print\Findings\FindFaults;
use WindowStall\Core\Print\Findings\Finding;
use WindowStall\Core\Print\Placing\Placing;
use WindowStall\Core\Source\Blank;
use WindowStall\Print\Artwork\Artwork;

/** Looks at a placing with the stall's own artworks: what could lie there instead is of the same family, or has its form. */
final class FaultsOf
{
    /** Artworks are of one form when their sides stand to each other alike, within so many hundredths. */
    private const ALIKE = 3;

    /**
     * @param  array<int, Artwork>  $artworks  by number
     * @return list<Finding>
     */
    public static function find(Blank $blank, Placing $placing, array $artworks): array
    {
        $named = [];
        foreach ($artworks as $id => $artwork) {
            $facts = $artwork->read();
            if ($facts !== null) {
                $others = array_filter($artworks, static fn (Artwork $o): bool => $o->id !== $id && self::mayStand($o, $artwork));
                $named[$id] = new NamedArtwork($id, $artwork->called(), $facts, array_map(intval(...), array_keys($others)));
            }
        }

        return (new FindFaults($blank, $named))->of($placing);
    }

    private static function mayStand(Artwork $other, Artwork $for): bool
    {
        [$one, $two] = [$other->read(), $for->read()];
        if ($one === null || $two === null || $other->removed_at !== null) {
            return false;
        }
        $alike = abs(intdiv(100 * $one->width, $one->height) - intdiv(100 * $two->width, $two->height)) <= self::ALIKE;
        $first = static fn (string $name): string => mb_strtolower(explode(' ', $name)[0]);

        // "Leek in chalk" may stand for "Leek in ink"; a beet of the same form may not.
        return $other->family() === $for->family() || ($alike && $first($other->name) === $first($for->name));
    }
}
