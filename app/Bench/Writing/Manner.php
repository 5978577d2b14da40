<?php

declare(strict_types=1);

namespace WindowStall\Bench\Writing;

/** How drafts are written. */
enum Manner: string
{
    case Plain = 'plain';
    case Warm = 'warm';
    case Brisk = 'brisk';

    public function words(): string
    {
        return match ($this) {
            self::Plain => 'Plainly', self::Warm => 'Warmly', self::Brisk => 'Briskly',
        };
    }
}
