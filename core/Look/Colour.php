<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/**
 * A colour, given as sRGB and worked with in OKLCH, where equal steps look equal.
 *
 * Conversion matrices: Björn Ottosson, "A perceptual color space for image processing" (2020).
 * Relative luminance and contrast: WCAG 2.2, definitions of the same names.
 */
final readonly class Colour
{
    /** The three are sRGB, 0 to 1. */
    private function __construct(private float $r, private float $g, private float $b)
    {
    }

    /** @throws ColourUnreadable unless it is # and three or six hexadecimal digits */
    public static function hex(string $hex): self
    {
        if (preg_match('/^#?([0-9a-f]{3}|[0-9a-f]{6})$/iD', trim($hex), $m) !== 1) {
            throw ColourUnreadable::for($hex);
        }
        $digits = strlen($m[1]) === 3 ? preg_replace('/(.)/', '$1$1', $m[1]) ?? '' : $m[1];
        [$r, $g, $b] = array_map(static fn (string $pair): float => hexdec($pair) / 255, str_split($digits, 2));

        return new self($r, $g, $b);
    }

    /**
     * The nearest sRGB colour of that lightness (0 to 1) and hue (degrees): chroma is lowered until it fits.
     */
    public static function oklch(float $lightness, float $chroma, float $hue): self
    {
        $rgb = self::toLinear($lightness, $chroma, $hue);
        if (self::fits($rgb)) {
            return self::fromLinear($rgb);
        }
        [$in, $out] = [0.0, $chroma];
        for ($n = 0; $n < 10; $n++) {
            $middle = ($in + $out) / 2;
            self::fits(self::toLinear($lightness, $middle, $hue)) ? ($in = $middle) : ($out = $middle);
        }

        return self::fromLinear(self::toLinear($lightness, $in, $hue));
    }

    /** @param  array{float, float, float}  $rgb  linear sRGB */
    private static function fits(array $rgb): bool
    {
        return min($rgb) >= -0.0005 && max($rgb) <= 1.0005;
    }

    /** @param  array{float, float, float}  $lab  lightness 0 to 1, and the two axes of OKLab */
    public static function oklab(array $lab): self
    {
        return self::oklch($lab[0], hypot($lab[1], $lab[2]), fmod(rad2deg(atan2($lab[2], $lab[1])) + 360, 360));
    }

    /** @return array{float, float, float} lightness 0 to 1, and the two axes of OKLab */
    public function toOklab(): array
    {
        [$r, $g, $b] = array_map(self::linear(...), [$this->r, $this->g, $this->b]);
        $l = (0.4122214708 * $r + 0.5363325363 * $g + 0.0514459929 * $b) ** (1 / 3);
        $m = (0.2119034982 * $r + 0.6806995451 * $g + 0.1073969566 * $b) ** (1 / 3);
        $s = (0.0883024619 * $r + 0.2817188376 * $g + 0.6299787005 * $b) ** (1 / 3);

        return [
            0.2104542553 * $l + 0.793617785 * $m - 0.0040720468 * $s,
            1.9779984951 * $l - 2.428592205 * $m + 0.4505937099 * $s,
            0.0259040371 * $l + 0.7827717662 * $m - 0.808675766 * $s,
        ];
    }

    /** @return array{float, float, float} lightness 0 to 1, chroma, hue in degrees */
    public function toOklch(): array
    {
        [$lightness, $a, $b] = $this->toOklab();

        return [$lightness, hypot($a, $b), fmod(rad2deg(atan2($b, $a)) + 360, 360)];
    }

    /** With black over it, as CSS composites it. */
    public function darkened(float $alpha): self
    {
        return new self($this->r * (1 - $alpha), $this->g * (1 - $alpha), $this->b * (1 - $alpha));
    }

    /** WCAG contrast ratio, 1 to 21. */
    public function contrast(self $other): float
    {
        $one = $this->luminance();
        $two = $other->luminance();

        return (max($one, $two) + 0.05) / (min($one, $two) + 0.05);
    }

    public function toHex(): string
    {
        return sprintf(
            '#%02x%02x%02x',
            ...array_map(static fn (float $v): int => (int) round(max(0.0, min(1.0, $v)) * 255), [
                $this->r,
                $this->g,
                $this->b,
            ]),
        );
    }

    private function luminance(): float
    {
        return 0.2126 * self::linear($this->r) + 0.7152 * self::linear($this->g) + 0.0722 * self::linear($this->b);
    }

    private static function linear(float $v): float
    {
        return $v <= 0.04045 ? $v / 12.92 : (($v + 0.055) / 1.055) ** 2.4;
    }

    /** @return array{float, float, float} linear sRGB, possibly outside 0 to 1 */
    private static function toLinear(float $lightness, float $chroma, float $hue): array
    {
        $a = $chroma * cos(deg2rad($hue));
        $b = $chroma * sin(deg2rad($hue));
        $l = ($lightness + 0.3963377774 * $a + 0.2158037573 * $b) ** 3;
        $m = ($lightness - 0.1055613458 * $a - 0.0638541728 * $b) ** 3;
        $s = ($lightness - 0.0894841775 * $a - 1.291485548 * $b) ** 3;

        return [
            4.0767416621 * $l - 3.3077115913 * $m + 0.2309699292 * $s,
            -1.2684380046 * $l + 2.6097574011 * $m - 0.3413193965 * $s,
            -0.0041960863 * $l - 0.7034186147 * $m + 1.707614701 * $s,
        ];
    }

    /** @param  array{float, float, float}  $rgb */
    private static function fromLinear(array $rgb): self
    {
        [$r, $g, $b] = array_map(static function (float $v): float {
            $v = max(0.0, min(1.0, $v));

            return $v <= 0.0031308 ? 12.92 * $v : 1.055 * $v ** (1 / 2.4) - 0.055;
        }, $rgb);

        return new self($r, $g, $b);
    }
}
