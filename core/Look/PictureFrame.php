<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/** What goes round a picture of goods. */
enum PictureFrame: string
{
    case None = 'none';
    case Line = 'line';
    case Plate = 'plate';

    public function words(): string
    {
        return match ($this) {
            self::None => 'unframed',
            self::Line => 'a line round it',
            self::Plate => 'framed as a plate',
        };
    }
}
