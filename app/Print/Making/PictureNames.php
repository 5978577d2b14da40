<?php

declare(strict_types=1);

namespace WindowStall\Print\Making;

use WindowStall\Core\Print\Placing\Placing;
use WindowStall\Core\Source\Blank;
use WindowStall\Core\Source\PrintPlate;
use WindowStall\Print\Artwork\Artwork;

/** Names pictures of printed goods by all that they are made from: one that doesn't agree any more has another name. */
final class PictureNames
{
    private const SCHEME = 'print:';

    /**
     * @param  list<string>  $scenes
     * @param  array<int, Artwork>  $artworks
     * @return list<array{string, string}> name and colour: every colour in the first scene, then in the next
     */
    public static function all(int $placing, Blank $blank, Placing $laid, array $scenes, array $artworks): array
    {
        $names = [];
        foreach ($scenes as $scene) {
            $plate = $blank->plate($scene);
            if ($plate === null) {
                continue;
            }
            foreach ($laid->colours as $colour) {
                $hash = hash('xxh64', self::ink($plate, $laid, $colour, $artworks).($plate->pictures[$colour] ?? ''));
                $names[] = [self::SCHEME.implode('/', [$placing, $scene, rawurlencode($colour), $hash]), $colour];
            }
        }

        return $names;
    }

    /**
     * Of all that the ink on a plate is made from.
     *
     * @param  array<int, Artwork>  $artworks
     */
    public static function ink(PrintPlate $plate, Placing $laid, string $colour, array $artworks): string
    {
        $of = [PlateLayers::side(), $plate->mask, $plate->shading, $plate->displacement, $plate->reach, $plate->areas];
        foreach ($laid->printed() as $one) {
            if ($one->ground !== null) {
                $of[] = [$one->area, $one->ground];
            }
            foreach ($one->pieces as $piece) {
                $artwork = $artworks[$laid->artworkOn($colour, $piece->artwork)] ?? null;
                $of[] = [$one->area, $piece->toArray(), $artwork?->sha256];
            }
        }

        return hash('sha256', json_encode($of, JSON_THROW_ON_ERROR));
    }

    public static function is(string $source): bool
    {
        return str_starts_with($source, self::SCHEME);
    }

    /** @return array{int, string, string}|null placing, scene, colour */
    public static function read(string $source): ?array
    {
        return preg_match('~^print:(\d{1,18})/([\w-]+)/([^/]+)/[0-9a-f]+$~D', $source, $m) === 1
            ? [(int) $m[1], $m[2], rawurldecode($m[3])]
            : null;
    }
}
