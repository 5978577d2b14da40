<?php

declare(strict_types=1);

namespace WindowStall\Core\Print\Colours;

use WindowStall\Core\Print\ArtworkFacts;

/** How well a drawing is told from the cloth it lies on, and how many colours it has to a thread. */
final class ClothContrast
{
    /** Nearer than this a colour is taken for the cloth's at arm's length. CIEDE2000. */
    public const NEAR = 9.0;

    /** Thousandths of a drawing that have to be told, or it is hardly seen. */
    public const ENOUGH = 500;

    /** Colours nearer than this are one thread. */
    private const ONE_THREAD = 11.0;

    /** Thousandths of a drawing that a colour has to have to need a thread of its own. */
    private const SPECK = 6;

    /** @return int thousandths of the drawing that are told from that cloth */
    public static function share(ArtworkFacts $artwork, string $cloth): int
    {
        $ground = Lab::ofHex($cloth);
        $told = $all = 0;
        foreach ($artwork->colours as [$hex, $share]) {
            $all += $share;
            $told += Lab::ofHex($hex)->apart($ground) > self::NEAR ? $share : 0;
        }

        return $all === 0 ? 0 : (int) round((1000 * $told) / $all);
    }

    /**
     * @param  string|null  $ground  a colour that is embroidered under it
     * @return int threads that are needed to embroider it
     */
    public static function threads(ArtworkFacts $artwork, ?string $ground = null): int
    {
        $threads = $ground === null ? [] : [Lab::ofHex($ground)];
        foreach ($artwork->colours as [$hex, $share]) {
            $lab = Lab::ofHex($hex);
            foreach ($threads as $thread) {
                if ($thread->apart($lab) <= self::ONE_THREAD) {
                    continue 2;
                }
            }
            if ($share >= self::SPECK) {
                $threads[] = $lab;
            }
        }

        return max(1, count($threads));
    }

    /** @return int thousandths of the drawing whose colours are stronger than that chroma */
    public static function beyond(ArtworkFacts $artwork, int $chroma): int
    {
        $beyond = 0;
        foreach ($artwork->colours as [$hex, $share]) {
            $beyond += Lab::ofHex($hex)->chroma() > $chroma ? $share : 0;
        }

        return $beyond;
    }
}
