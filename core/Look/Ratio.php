<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/** How pictures of goods are cut: width to height. */
enum Ratio: string
{
    case Square = 'square';
    case Portrait = 'portrait';
    case Landscape = 'landscape';

    public function words(): string
    {
        return match ($this) {
            self::Square => 'square',
            self::Portrait => '4 to 5',
            self::Landscape => '3 to 2',
        };
    }

    /** As a CSS aspect-ratio. */
    public function css(): string
    {
        return match ($this) {
            self::Square => '1',
            self::Portrait => '4/5',
            self::Landscape => '3/2',
        };
    }
}
