<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/** How heavy headings are. */
enum TypeWeight: string
{
    case Light = 'light';
    case Own = 'own';
    case Heavy = 'heavy';

    public function words(): string
    {
        return match ($this) {
            self::Light => 'light',
            self::Own => 'as the typeface likes it',
            self::Heavy => 'heavy',
        };
    }

    /** The weight, as CSS counts weights, within what the typeface ships. */
    public function of(TypePair $pair): int
    {
        [$least, $most] = $pair->display()->weights();
        $weight = match ($this) {
            self::Light => $pair->weight() - 220,
            self::Own => $pair->weight(),
            self::Heavy => $pair->weight() + 160,
        };

        return max($least, min($most, $weight));
    }
}
