<?php

declare(strict_types=1);

namespace WindowStall\Standins\Tannet\Plates;

use WindowStall\Standins\Drawings\Scene;

/** Colours darker and lighter than the cloth. */
final class Tone
{
    public static function shade(string $hex, float $by): string
    {
        return Scene::shade($hex, $by);
    }
}
