<?php

declare(strict_types=1);

namespace WindowStall\Window\Pages;

use WindowStall\Bench\Pictures\Picture;
use WindowStall\Core\Look\Build;
use WindowStall\Core\Look\Colour;
use WindowStall\Core\Look\Mood;
use WindowStall\Core\Look\Veil;
use WindowStall\Support\Pictures\PictureColours;
use WindowStall\Window\Look;

/** The veil of a hero whose words lie within its picture: as dark as these words over this picture need. */
final class HeroVeil
{
    /** @return string an attribute, or nothing where words don't lie on the picture */
    public static function style(Look $look, ?Picture $picture): string
    {
        if ($look->plan->build !== Build::Lamp || $picture?->path === null) {
            return '';
        }
        $under = array_map(Colour::hex(...), array_keys(PictureColours::of($picture->path)));

        $tones = $look->tones();
        $veil = Veil::over($under, $tones->get('on-deep'));
        // Of an evening the heading takes some of the brand's colour, which is deeper.
        $veil = $look->plan->mood === Mood::Dusk ? max($veil, Veil::over($under, $tones->get('brand'))) : $veil;

        return sprintf(' style="--veil:%.2f"', $veil);
    }
}
