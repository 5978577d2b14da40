<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/** The ground a look stands on; the brand's colours do the rest. */
enum Mood: string
{
    case Paper = 'paper';
    case Chalk = 'chalk';
    case Dusk = 'dusk';
    case Flood = 'flood';
    case Mist = 'mist';
    case Plaster = 'plaster';

    public function words(): string
    {
        return match ($this) {
            self::Paper => 'straw paper',
            self::Chalk => 'white',
            self::Dusk => 'dark, as of an evening',
            self::Flood => 'the first colour all over',
            self::Mist => 'a breath of the first colour',
            self::Plaster => 'beige and grey',
        };
    }

    /** @return array{float, float} lightness and chroma (OKLCH) of the ground; a flood takes the brand's own */
    public function ground(): array
    {
        return match ($this) {
            self::Paper => [0.968, 0.020],
            self::Chalk => [0.996, 0.001],
            self::Dusk => [0.215, 0.018],
            self::Flood => [0.86, 0.16],
            self::Mist => [0.956, 0.014],
            self::Plaster => [0.944, 0.008],
        };
    }

    /** How much of the brand's colourfulness its pale tones keep: white walls want only a breath of it. */
    public function tint(): float
    {
        return match ($this) {
            self::Paper, self::Flood, self::Mist => 1.0,
            self::Chalk => 0.3,
            self::Dusk => 0.65,
            self::Plaster => 0.25,
        };
    }

    /** The ground's hue in degrees; null takes the brand's own. */
    public function hue(): ?float
    {
        return match ($this) {
            self::Paper => 88.0,
            self::Plaster => 72.0,
            default => null,
        };
    }
}
