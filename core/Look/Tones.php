<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/**
 * Every colour a shop needs, computed from one to three brand colours and a mood so that text can be read wherever it
 * stands: {@see self::PAIRS} says what is written on what, and each such pair has its contrast (WCAG 2.2, 1.4.3 for
 * text and 1.4.11 for the edges of what one types into).
 */
final readonly class Tones
{
    public const TEXT = 4.5;

    public const EDGE = 3.0;

    /**
     * Between the two colours of the ring around what has focus: then one of them has {@see self::EDGE} on any ground
     * (technique C40 of WCAG 2.2).
     */
    public const RING = 9.0;

    /** What stands on what, and how much contrast it needs. The shop's stylesheet uses these pairs and no others. */
    public const PAIRS = [
        ['ink', 'ground', self::TEXT], ['ink', 'sheet', self::TEXT], ['ink', 'soft', self::TEXT],
        ['ink', 'band', self::TEXT], ['ink', 'field', self::TEXT],
        ['mute', 'ground', self::TEXT], ['mute', 'sheet', self::TEXT], ['mute', 'field', self::TEXT],
        ['brand', 'ground', self::TEXT], ['brand', 'sheet', self::TEXT], ['brand', 'soft', self::TEXT],
        ['sale', 'ground', self::TEXT], ['sale', 'sheet', self::TEXT],
        ['on-fill', 'fill', self::TEXT], ['on-fill', 'fill-hover', self::TEXT], ['on-fill', 'fill-press', self::TEXT],
        ['on-deep', 'deep', self::TEXT], ['on-second', 'second', self::TEXT], ['on-third', 'third', self::TEXT],
        ['on-tag', 'tag', self::TEXT], ['on-off', 'off', self::TEXT], ['ink', 'offer', self::TEXT],
        ['ring', 'ring-edge', self::RING],
        ['edge', 'field', self::EDGE], ['edge', 'ground', self::EDGE], ['edge', 'sheet', self::EDGE],
    ];

    /**
     * @param  array<string, Colour>  $tones
     * @param  list<MovedColour>  $moved
     */
    private function __construct(private array $tones, public bool $dark, private array $moved)
    {
    }

    /** @param  Colour|non-empty-list<Colour>  $brand  up to three: the brand's own, a second, a third */
    public static function from(Colour|array $brand, Mood $mood): self
    {
        $colours = is_array($brand) ? $brand : [$brand];
        [$brandL, $brandC, $brandH] = $colours[0]->toOklch();
        [$groundL, $groundC] = $mood->ground();
        $hue = $mood->hue() ?? $brandH;
        $ground = Colour::oklch($groundL, $groundC, $hue);
        $dark = $mood === Mood::Dusk;
        if ($mood === Mood::Flood) {
            $dark = $brandL < 0.6;
            $ground = self::reading($brandL, $brandC, $brandH, $dark ? -1 : 1, [self::nearlyInk($dark, $brandH)], 5.5);
            [$groundL, $groundC, $hue] = $ground->toOklch();
        }
        $away = $dark ? 1 : -1;
        $sheet = $mood === Mood::Flood && ! $dark
            ? Colour::oklch(0.995, 0.004, $hue)
            : Colour::oklch($dark ? $groundL + 0.045 : min(0.998, $groundL + 0.022), $groundC * 0.7, $hue);
        $soft = self::pale($dark ? 0.32 : 0.925, min(0.045, $brandC * 0.45) * $mood->tint(), $brandH);
        $band = self::pale(
            $dark ? 0.29 : ($mood === Mood::Plaster ? 0.905 : 0.90),
            min(0.05, $brandC * 0.5 + 0.012) * $mood->tint(),
            $mood->hue() ?? $brandH,
        );
        $field = $dark ? Colour::oklch($groundL + 0.03, $groundC * 0.6, $hue) : $sheet;
        $surfaces = [$ground, $sheet, $soft, $band, $field];
        $moved = [];

        [$fill, $onFill] = self::surface($colours[0], $hue, $mood === Mood::Flood ? $ground : null);
        // A flood's ground is the colour itself; its buttons are the deep of it by design.
        self::note($moved, $colours[0], $mood === Mood::Flood ? $ground : $fill);
        $second = $colours[1] ?? Colour::oklch($dark ? 0.78 : 0.62, min(0.13, $brandC + 0.05), $brandH + 150);
        $third = $colours[2] ?? Colour::oklch($dark ? 0.7 : 0.82, min(0.11, $brandC + 0.04), $brandH + 75);
        [$secondFill, $onSecond] = self::surface($second, $hue);
        [$thirdFill, $onThird] = self::surface($third, $hue);
        isset($colours[1]) && self::note($moved, $second, $secondFill);
        isset($colours[2]) && self::note($moved, $third, $thirdFill);
        $written = self::reading($brandL, $brandC, $brandH, $away, [$ground, $sheet, $soft]);
        self::note($moved, $colours[0], $written, writing: true);
        $ink = self::reading($dark ? 0.95 : 0.25, 0.015, $hue, $away, $surfaces);
        [$secondL, $secondC, $secondH] = $second->toOklch();
        [$fillL, $fillC, $fillH] = $fill->toOklch();
        $press = $onFill->toOklch()[0] > 0.6 ? -1 : 1;
        $deep = Colour::oklch($dark ? 0.13 : 0.24, min(0.06, $brandC * 0.5), $brandH);
        $off = self::pale($dark ? 0.36 : 0.86, $groundC * 0.6, $hue);

        return new self(array_map(self::stored(...), [
            'ground' => $ground,
            'sheet' => $sheet,
            'soft' => $soft,
            'band' => $band,
            'field' => $field,
            'deep' => $deep,
            'on-deep' => self::reading(0.97, 0.02, $hue, 1, [$deep]),
            'line' => Colour::oklch($dark ? $groundL + 0.14 : max(0.0, $groundL - 0.085), $groundC * 1.2, $hue),
            'edge' => self::reading($dark ? 0.6 : 0.62, 0.02, $hue, $away, [$ground, $sheet, $field], self::EDGE),
            'ink' => $ink,
            'mute' => self::reading($dark ? 0.74 : 0.54, 0.02, $hue, $away, [$ground, $sheet, $field]),
            'brand' => $written,
            'sale' => self::reading($secondL, max(0.1, $secondC), $secondH, $away, [$ground, $sheet]),
            'fill' => $fill,
            'fill-hover' => self::stored(Colour::oklch($fillL + $press * 0.035, $fillC, $fillH)),
            'fill-press' => self::stored(Colour::oklch($fillL + $press * 0.07, $fillC, $fillH)),
            'on-fill' => $onFill,
            'second' => $secondFill,
            'on-second' => $onSecond,
            'third' => $thirdFill,
            'on-third' => $onThird,
            'tag' => $secondFill,
            'on-tag' => $onSecond,
            'off' => $off,
            'on-off' => self::reading($dark ? 0.8 : 0.45, 0.01, $hue, $dark ? 1 : -1, [$off]),
            'offer' => $dark ? $soft : $band,
            'ring' => Colour::oklch(0.2, min(0.05, $brandC), $brandH),
            'ring-edge' => Colour::oklch(0.985, 0.01, $hue),
        ]), $dark, $moved);
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

    /** The least contrast of all that is read, 1 to 21. */
    public function least(): float
    {
        $ratios = array_map(
            fn (array $pair): float => $this->get($pair[0])->contrast($this->get($pair[1])),
            array_filter(self::PAIRS, static fn (array $pair): bool => $pair[2] === self::TEXT),
        );

        return min($ratios);
    }

    /** @return list<MovedColour> brand colours that couldn't carry words, or be some, as they are, and what stands in */
    public function moved(): array
    {
        return $this->moved;
    }

    /**
     * A brand colour as a surface, and the text on it: the colour stays to the letter where some text reads on it and
     * moves only as far as it must.
     *
     * @param  Colour|null  $ground  where the surface has to stand out from a ground that has the same colour
     * @return array{Colour, Colour}
     */
    private static function surface(Colour $colour, float $hue, ?Colour $ground = null): array
    {
        [$l, $c, $h] = $colour->toOklch();
        if ($ground !== null) {
            // On its own colour a button is the deep of it, or the pale.
            $l = $ground->toOklch()[0] > 0.6 ? 0.22 : 0.93;
            $c = min($c, 0.05);
            $colour = Colour::oklch($l, $c, $h);
        }
        $light = Colour::oklch(0.985, 0.012, $hue);
        $ink = Colour::oklch(0.20, 0.02, $h);
        $onLight = $light->contrast($colour);
        $on = $onLight >= $ink->contrast($colour) || $onLight >= self::TEXT ? $light : $ink;
        // Between the two lie colours that only the very ends read on; what can stay to the letter stays.
        foreach ($on->contrast($colour) < self::TEXT ? [Colour::oklch(0.12, 0.01, $h), Colour::hex('#ffffff')] : [] as $end) {
            if (self::stored($end)->contrast($colour) >= self::TEXT) {
                return [$colour, self::stored($end)];
            }
        }

        return [self::reading($l, $c, $h, $on === $light ? -1 : 1, [$on]), self::stored($on)];
    }

    /** @param  list<MovedColour>  $moved */
    private static function note(array &$moved, Colour $chosen, Colour $used, bool $writing = false): void
    {
        // A single step of rounding isn't a move that anybody sees.
        if (abs($chosen->toOklch()[0] - $used->toOklch()[0]) > 0.012) {
            $moved[] = new MovedColour($chosen, $used, $writing);
        }
    }

    private static function nearlyInk(bool $dark, float $hue): Colour
    {
        return $dark ? Colour::oklch(0.97, 0.01, $hue) : Colour::oklch(0.22, 0.02, $hue);
    }

    private static function pale(float $lightness, float $chroma, float $hue): Colour
    {
        return self::stored(Colour::oklch($lightness, $chroma, $hue));
    }

    /** What is written into a stylesheet is the rounded hex, so that is what has to pass. */
    private static function stored(Colour $colour): Colour
    {
        return Colour::hex($colour->toHex());
    }

    /**
     * The nearest colour in one direction of lightness that reads on all grounds.
     *
     * @param  int  $direction  -1 darker, 1 lighter
     * @param  non-empty-list<Colour>  $grounds
     * @param  float  $least  contrast
     */
    private static function reading(
        float $lightness,
        float $chroma,
        float $hue,
        int $direction,
        array $grounds,
        float $least = self::TEXT,
    ): Colour {
        $grounds = array_map(self::stored(...), $grounds);
        $reads = static function (Colour $colour) use ($grounds, $least): bool {
            foreach ($grounds as $ground) {
                if ($ground->contrast($colour) < $least) {
                    return false;
                }
            }

            return true;
        };
        $at = static fn (float $l): Colour => self::stored(Colour::oklch($l, $chroma, $hue));
        $lightness = max(0.0, min(1.0, $lightness));
        if ($reads($at($lightness))) {
            return $at($lightness);
        }
        // Contrast only grows on the way to the end, so halving finds where it begins to be enough.
        [$fails, $passes] = [$lightness, $direction < 0 ? 0.0 : 1.0];
        for ($n = 0; $n < 9; $n++) {
            $middle = ($fails + $passes) / 2;
            $reads($at($middle)) ? $passes = $middle : $fails = $middle;
        }

        return $passes === 0.0 || $passes === 1.0 ? self::stored(Colour::oklch($passes, 0.0, $hue)) : $at($passes);
    }
}
