<?php

declare(strict_types=1);

namespace WindowStall\Standins\Tannet\Plates;

/** What is round a blank in a picture: a table, a line with pegs, a figure that wears it, a shed, a shelf, a wall. */
final class Setting
{
    public const DEFS = '<linearGradient id="table" x2=".3" y2="1"><stop stop-color="#efe7d8"/>'.
        '<stop offset="1" stop-color="#ddd0b8"/></linearGradient>'.
        '<linearGradient id="sky" x2="0" y2="1"><stop stop-color="#dde6e2"/><stop offset="1" stop-color="#eef0e4"/>'.
        '</linearGradient>'.
        '<linearGradient id="wall" x2="1" y2=".4"><stop stop-color="#e9e3d6"/><stop offset="1" stop-color="#d2c8b4"/>'.
        '</linearGradient>'.
        '<linearGradient id="skin"><stop stop-color="#a8775a"/><stop offset=".4" stop-color="#c99a7c"/>'.
        '<stop offset="1" stop-color="#9a6a4e"/></linearGradient>'.
        '<pattern id="planks" width="250" height="2000" patternUnits="userSpaceOnUse">'.
        '<rect width="250" height="2000" fill="#8a9a86"/><rect width="9" height="2000" fill="#5f6e5d"/>'.
        '<rect x="9" width="5" height="2000" fill="#a5b39f"/>'.
        '<path d="M60 0 q14 500 -6 1000 t8 1000 M160 0 q-18 600 4 1100 t-6 900" stroke="#7b8b78" stroke-width="5" '.
        'fill="none"/></pattern>';

    private const ALL = '<rect width="2000" height="2000" fill="url(#%s)"/>';

    public static function behind(Scene $scene, Shape $shape): string
    {
        $all = static fn (string $ground): string => sprintf(self::ALL, $ground);

        return match ($scene) {
            Scene::Flat => $all('table'),
            Scene::Hanging => match ($shape->stuff) {
                Stuff::Clay => $all('wall').'<rect y="1560" width="2000" height="56" fill="#a9855c"/>'.
                    '<rect y="1616" width="2000" height="384" fill="#cfc4ae"/>'.
                    '<rect y="1616" width="2000" height="26" fill="#8d6c47" opacity=".55"/>',
                Stuff::Paper => $all('wall'),
                default => $all('sky').'<path d="M0 1800 q500 -130 1000 -60 t1000 -30 v290 h-2000z" fill="#b9c7a4"/>'.
                    '<path d="M0 1890 q600 -80 1100 -30 t900 -20 v160 h-2000z" fill="#9db386"/>'.
                    '<path d="M0 214 q1000 44 2000 0" stroke="#6b5b45" stroke-width="9" fill="none"/>',
            },
            Scene::InPlace => match ($shape->stuff) {
                Stuff::Jersey, Stuff::Fleece => $all('sky').
                    '<path d="M0 1500 q500 -90 1000 -30 t1000 -40 v570 h-2000z" fill="#aebd97"/>',
                Stuff::Clay => $all('planks').'<rect y="1500" width="2000" height="500" fill="#9b7850"/>'.
                    '<path d="M0 1500 h2000 v40 h-2000z" fill="#c09a6b"/>'.
                    '<path d="M0 1660 q700 20 2000 -10 M0 1820 q900 -20 2000 14" stroke="#7d5e3b" stroke-width="6" fill="none"/>',
                Stuff::Paper => $all('wall').'<rect y="1690" width="2000" height="310" fill="#8f7350"/>'.
                    '<rect y="1690" width="2000" height="34" fill="#b1926a"/>',
                default => $all('planks'),
            },
        };
    }

    /** Somebody who wears it, without a face: neck, arms and trousers stand out of it. */
    public static function wearer(Scene $scene, Shape $shape, Placed $placed): string
    {
        if ($scene !== Scene::InPlace || ! in_array($shape->stuff, [Stuff::Jersey, Stuff::Fleece], true)) {
            return '';
        }
        $middle = $shape->width / 2;
        $low = $shape->height;
        $arms = $shape->stuff === Stuff::Jersey
            ? '<path d="M146 310 q-14 120 12 250 q10 90 44 170 q22 26 40 -4 q-4 -90 -14 -170 q-10 -110 10 -210z M854 310 '.
                'q14 120 -12 250 q-10 90 -44 170 q-22 26 -40 -4 q4 -90 14 -170 q10 -110 -10 -210z" fill="url(#skin)"/>'
            : '<circle cx="236" cy="690" r="44" fill="url(#skin)"/><circle cx="924" cy="690" r="44" fill="url(#skin)"/>';

        return $placed->put(
            '<path d="M'.($middle - 62).' 60 q8 -70 4 -140 h116 q-4 70 12 136 q-70 60 -140 0z" fill="url(#skin)"/>'.$arms.
            '<path d="M'.($middle - 210).' '.($low - 80).' h420 l30 320 h-480z" fill="#3c4350"/>',
        );
    }

    /** Pegs, hooks, a frame: what lies over the blank. */
    public static function before(Scene $scene, Shape $shape, Placed $placed): string
    {
        $peg = static function (float $x, float $y) use ($placed): string {
            [$left, $top] = $placed->point($x, $y);

            return sprintf(
                '<g transform="translate(%.0F %.0F)"><rect x="-13" y="-78" width="26" height="120" rx="7" fill="#c39a62"/>'.
                    '<rect x="-13" y="-78" width="10" height="120" rx="5" fill="#ddbb86"/>'.
                    '<rect x="-15" y="-30" width="30" height="10" fill="#7c6a50"/></g>',
                $left,
                $top,
            );
        };
        if ($scene === Scene::Hanging && $shape->stuff === Stuff::Paper) {
            [$x, $y] = $placed->point($shape->width / 2, min($shape->width, $shape->height) * .06);

            return sprintf('<circle cx="%.0F" cy="%.0F" r="17" fill="#b4472f"/>', $x, $y).
                sprintf('<circle cx="%.0F" cy="%.0F" r="6" fill="#e08a72"/>', $x - 5, $y - 6);
        }
        if ($scene !== Scene::Hanging || $shape->stuff === Stuff::Clay) {
            return '';
        }
        [$left, $right, $top] = self::pegs($shape);

        return $peg($left, $top).$peg($right, $top);
    }

    /** @return array{int, int, int} where it is pegged to a line: left, right, and how far down; millimetres */
    public static function pegs(Shape $shape): array
    {
        return match (true) {
            $shape->stuff === Stuff::Jersey => [300, 700, 56],
            $shape->stuff === Stuff::Fleece => [400, 760, 60],
            $shape->width === 460 => [180, 280, 44],
            $shape->width === 720 => [300, 420, 16],
            $shape->width === 300 => [110, 194, 30],
            default => [110, 450, 44],
        };
    }
}
