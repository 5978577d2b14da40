<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/**
 * Every colour a shop needs, computed from one brand colour and a mood so that text can be read wherever it stands:
 * each "on" or text tone has at least 4.5:1 against what it stands on (WCAG 2.2, 1.4.3), lines at least 1.2:1.
 */
final readonly class Tones
{
    public const TEXT = 4.5;

    /** @param  array<string, Colour>  $tones */
    private function __construct(private array $tones)
    {
    }

    public static function from(Colour $brand, Mood $mood): self
    {
        [$brandL, $brandC, $brandH] = $brand->toOklch();
        [$groundL, $groundC] = $mood->ground();
        $hue = $mood->hue() ?? $brandH;
        $dark = $mood->dark();
        $ground = Colour::oklch($groundL, $groundC, $hue);
        $sheet = Colour::oklch($dark ? $groundL + 0.045 : min(0.995, $groundL + 0.02), $groundC * 0.7, $hue);
        $inkL = $dark ? 0.95 : 0.25;
        // The brand as a filled surface keeps the typed colour where some text tone reads on it, and moves only as far as it must.
        $light = Colour::oklch(0.985, 0.012, $hue);
        $deep = Colour::oklch(0.20, 0.02, $brandH);
        $onFill = $light->contrast($brand) >= $deep->contrast($brand) || $light->contrast($brand) >= self::TEXT ? $light : $deep;
        $fill = self::until($brandL, $brandC, $brandH, $onFill === $light ? -1 : 1, [$onFill]);
        $soft = Colour::oklch($dark ? 0.32 : 0.925, min(0.045, $brandC * 0.45) * $mood->tint(), $brandH);
        $away = $dark ? 1 : -1;

        return new self([
            'ground' => $ground,
            'sheet' => $sheet,
            'line' => Colour::oklch($dark ? $groundL + 0.14 : $groundL - 0.085, $groundC * 1.2, $hue),
            'ink' => self::until($inkL, 0.015, $hue, $away, [$ground, $sheet, $soft]),
            'mute' => self::until($dark ? 0.74 : 0.54, 0.02, $hue, $away, [$ground, $sheet]),
            'fill' => $fill,
            'on-fill' => $onFill,
            'brand' => self::until($brandL, $brandC, $brandH, $away, [$ground, $sheet, $soft]),
            'soft' => $soft,
            'band' => Colour::oklch($dark ? 0.29 : 0.90, min(0.05, $brandC * 0.5 + 0.012) * $mood->tint(), $mood->hue() ?? $brandH),
        ]);
    }

    /** @return array<string, string> tone name → #rrggbb */
    public function toArray(): array
    {
        return array_map(static fn (Colour $c): string => $c->toHex(), $this->tones);
    }

    public function get(string $name): Colour
    {
        return $this->tones[$name] ?? throw new \OutOfBoundsException('No tone is called '.$name.'.');
    }

    /**
     * The first colour, stepping lightness in one direction, that reads on all grounds.
     *
     * @param  int  $direction  -1 darker, 1 lighter
     * @param  non-empty-list<Colour>  $grounds
     */
    private static function until(float $lightness, float $chroma, float $hue, int $direction, array $grounds): Colour
    {
        for ($l = $lightness; $l >= 0.0 && $l <= 1.0; $l += $direction * 0.01) {
            $colour = Colour::oklch($l, $chroma, $hue);
            // What is stored is the rounded hex, so that is what has to pass.
            $stored = Colour::hex($colour->toHex());
            $least = min(array_map(static fn (Colour $g): float => Colour::hex($g->toHex())->contrast($stored), $grounds));
            if ($least >= self::TEXT) {
                return $stored;
            }
        }

        return Colour::oklch($direction < 0 ? 0.0 : 1.0, 0.0, $hue);
    }
}
