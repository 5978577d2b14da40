<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/** How large headings are. */
enum TypeSize: string
{
    case Small = 'small';
    case Middle = 'middle';
    case Large = 'large';

    public function words(): string
    {
        return match ($this) {
            self::Small => 'small',
            self::Middle => 'middling',
            self::Large => 'large',
        };
    }

    /** Against the pair’s own size, in hundredths. */
    public function factor(): int
    {
        return match ($this) {
            self::Small => 84,
            self::Middle => 100,
            self::Large => 120,
        };
    }
}
