<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/** How much air lies between things. */
enum Density: string
{
    case Close = 'close';
    case Even = 'even';
    case Airy = 'airy';

    public function words(): string
    {
        return match ($this) {
            self::Close => 'close',
            self::Even => 'even',
            self::Airy => 'airy',
        };
    }

    /** What gaps are multiplied by, in hundredths. */
    public function factor(): int
    {
        return match ($this) {
            self::Close => 78,
            self::Even => 100,
            self::Airy => 136,
        };
    }
}
