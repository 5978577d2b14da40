<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/** What a picture of goods stands on. */
enum PictureGround: string
{
    case Own = 'own';
    case Tone = 'tone';
    case Lamp = 'lamp';

    public function words(): string
    {
        return match ($this) {
            self::Own => 'their own ground',
            self::Tone => 'the look’s ground',
            self::Lamp => 'lamplight',
        };
    }
}
