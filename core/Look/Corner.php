<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/** How round corners are. */
enum Corner: string
{
    case Square = 'square';
    case Eased = 'eased';
    case Soft = 'soft';
    case Round = 'round';

    public function words(): string
    {
        return match ($this) {
            self::Square => 'square',
            self::Eased => 'eased',
            self::Soft => 'soft',
            self::Round => 'round',
        };
    }

    /** Radius in CSS pixels. */
    public function radius(): int
    {
        return match ($this) {
            self::Square => 0,
            self::Eased => 4,
            self::Soft => 12,
            self::Round => 24,
        };
    }
}
