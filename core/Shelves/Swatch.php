<?php

declare(strict_types=1);

namespace WindowStall\Core\Shelves;

use WindowStall\Core\Look\Colour;

/**
 * The colour that the value of an option names: "Dark green", "Pale blue", "Slate", "Ash / black"; null where it names
 * none.
 */
final class Swatch
{
    /** How much lighter "light" is, in lightness of OKLCH. */
    private const SHADE = 0.2;

    /** @var array<string, string>|null name → #rrggbb, longest names first */
    private static ?array $named = null;

    public static function of(string $value): ?string
    {
        $words = ' '.trim((string) preg_replace('/[^\p{L}]+/u', ' ', mb_strtolower($value))).' ';
        foreach (self::named() as $name => $colour) {
            if (str_contains($words, ' '.$name.' ')) {
                return self::shaded($colour, str_replace(' '.$name.' ', ' ', $words));
            }
        }

        return null;
    }

    /** Lighter or darker, where the words beside its name say so. */
    private static function shaded(string $colour, string $beside): string
    {
        [$lightness, $chroma, $hue] = Colour::hex($colour)->toOklch();
        $moved = match (true) {
            preg_match('/ (light|pale) /', $beside) === 1 => min(0.92, $lightness + self::SHADE),
            preg_match('/ (dark|deep) /', $beside) === 1 => max(0.18, $lightness - self::SHADE),
            default => null,
        };

        return $moved === null ? $colour : Colour::oklch($moved, $chroma, $hue)->toHex();
    }

    /**
     * Whether an option is shown as swatches: most of its values name a colour.
     *
     * @param  list<string>  $values
     */
    public static function fits(array $values): bool
    {
        $named = count(array_filter($values, static fn (string $value): bool => self::of($value) !== null));

        return $named > 0 && $named * 2 > count($values);
    }

    /** @return array<string, string> */
    private static function named(): array
    {
        if (self::$named === null) {
            /** @var array<string, string> $materials */
            $materials = require __DIR__.'/swatches.php';
            /** @var array<string, array{colour?: string}> $words */
            $words = require __DIR__.'/../Look/look-words.php';
            $colours = array_filter(array_map(static fn (array $word): ?string => $word['colour'] ?? null, $words));
            $named = $materials + array_map(static fn (string $c): string => Colour::hex($c)->toHex(), $colours);
            uksort($named, static fn (string $a, string $b): int => strlen($b) <=> strlen($a) ?: strcmp($a, $b));
            self::$named = $named;
        }

        return self::$named;
    }
}
