<?php

declare(strict_types=1);

namespace WindowStall\Core\Print\Colours;

/** A colour in CIELAB (CIE 15:2004) under D65, from sRGB (IEC 61966-2-1). */
final readonly class Lab
{
    private const WHITE = [0.95047, 1.0, 1.08883];

    public function __construct(public float $l, public float $a, public float $b)
    {
    }

    /** @param  string  $hex  "#dccdb0" */
    public static function ofHex(string $hex): self
    {
        [$r, $g, $b] = array_map(static function (string $two): float {
            $part = hexdec($two) / 255;

            return $part <= 0.04045 ? $part / 12.92 : (($part + 0.055) / 1.055) ** 2.4;
        }, str_split(ltrim($hex, '#'), 2));
        $xyz = [
            0.4124564 * $r + 0.3575761 * $g + 0.1804375 * $b,
            0.2126729 * $r + 0.7151522 * $g + 0.0721750 * $b,
            0.0193339 * $r + 0.1191920 * $g + 0.9503041 * $b,
        ];
        [$x, $y, $z] = array_map(static function (float $part, float $white): float {
            $share = $part / $white;

            return $share > 216 / 24389 ? $share ** (1 / 3) : (24389 / 27 * $share + 16) / 116;
        }, $xyz, self::WHITE);

        return new self(116 * $y - 16, 500 * ($x - $y), 200 * ($y - $z));
    }

    public function chroma(): float
    {
        return hypot($this->a, $this->b);
    }

    /**
     * How far two colours are apart to the eye: CIEDE2000 (CIE 142-2001), with all weights 1, by the steps of Sharma, Wu
     * and Dalal (Color Research and Application 30, 2005).
     */
    public function apart(self $other): float
    {
        $mean = ($this->chroma() + $other->chroma()) / 2;
        $g = 0.5 * (1 - sqrt($mean ** 7 / ($mean ** 7 + 25 ** 7)));
        [$a1, $a2] = [(1 + $g) * $this->a, (1 + $g) * $other->a];
        [$c1, $c2] = [hypot($a1, $this->b), hypot($a2, $other->b)];
        [$h1, $h2] = [self::hue($a1, $this->b), self::hue($a2, $other->b)];

        $turn = $h2 - $h1;
        $turn = $c1 * $c2 == 0.0 ? 0.0 : ($turn > 180 ? $turn - 360 : ($turn < -180 ? $turn + 360 : $turn));
        $light = $other->l - $this->l;
        $chroma = $c2 - $c1;
        $hue = 2 * sqrt($c1 * $c2) * sin(deg2rad($turn / 2));

        $l = ($this->l + $other->l) / 2;
        $c = ($c1 + $c2) / 2;
        $h = $h1 + $h2;
        if ($c1 * $c2 != 0.0) {
            $h = abs($h1 - $h2) <= 180 ? $h / 2 : ($h < 360 ? ($h + 360) / 2 : ($h - 360) / 2);
        }
        $t = 1 - 0.17 * cos(deg2rad($h - 30)) + 0.24 * cos(deg2rad(2 * $h)) + 0.32 * cos(deg2rad(3 * $h + 6)) -
            0.20 * cos(deg2rad(4 * $h - 63));
        $sl = 1 + (0.015 * ($l - 50) ** 2) / sqrt(20 + ($l - 50) ** 2);
        $sc = 1 + 0.045 * $c;
        $sh = 1 + 0.015 * $c * $t;
        $rotate = -sin(deg2rad(60 * exp(-((($h - 275) / 25) ** 2)))) * 2 * sqrt($c ** 7 / ($c ** 7 + 25 ** 7));

        return sqrt(
            ($light / $sl) ** 2 + ($chroma / $sc) ** 2 + ($hue / $sh) ** 2 + $rotate * ($chroma / $sc) * ($hue / $sh),
        );
    }

    private static function hue(float $a, float $b): float
    {
        $hue = $a == 0.0 && $b == 0.0 ? 0.0 : rad2deg(atan2($b, $a));

        return $hue < 0 ? $hue + 360 : $hue;
    }
}
