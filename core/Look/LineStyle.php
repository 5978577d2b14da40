<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/** What stands between things. */
enum LineStyle: string
{
    case None = 'none';
    case Hair = 'hair';
    case Bold = 'bold';

    public function words(): string
    {
        return match ($this) {
            self::None => 'no lines',
            self::Hair => 'hairlines',
            self::Bold => 'bold lines',
        };
    }

    /** Width in CSS pixels. */
    public function width(): int
    {
        return match ($this) {
            self::None => 0,
            self::Hair => 1,
            self::Bold => 3,
        };
    }
}
