<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/** What things cast. */
enum Shadow: string
{
    case None = 'none';
    case Soft = 'soft';
    case Hard = 'hard';

    public function words(): string
    {
        return match ($this) {
            self::None => 'no shadow',
            self::Soft => 'a soft shadow',
            self::Hard => 'a hard shadow',
        };
    }

    /** As a CSS box-shadow; a hard one takes the colour of the place. */
    public function css(): string
    {
        return match ($this) {
            self::None => 'none',
            self::Soft => '0 1px 2px rgb(0 0 0/.06),0 6px 18px rgb(0 0 0/.07)',
            self::Hard => '4px 4px 0 var(--cast,var(--third))',
        };
    }
}
