<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/** The ground a look stands on; the brand colour does the rest. */
enum Mood: string
{
    case Paper = 'paper';
    case Chalk = 'chalk';
    case Dusk = 'dusk';

    public function dark(): bool
    {
        return $this === self::Dusk;
    }

    /** @return array{float, float} lightness and chroma of the ground */
    public function ground(): array
    {
        return match ($this) {
            self::Paper => [0.968, 0.020],
            self::Chalk => [0.988, 0.004],
            self::Dusk => [0.235, 0.022],
        };
    }

    /** How much of the brand's colourfulness its pale tones keep: white walls want only a breath of it. */
    public function tint(): float
    {
        return match ($this) {
            self::Paper => 1.0,
            self::Chalk => 0.3,
            self::Dusk => 0.65,
        };
    }

    /** The ground's hue in degrees; null takes the brand's own. */
    public function hue(): ?float
    {
        return $this === self::Paper ? 88.0 : null;
    }
}
