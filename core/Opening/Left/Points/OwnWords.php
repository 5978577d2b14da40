<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Left\Points;

use WindowStall\Core\Opening\Left\LeftFacts;
use WindowStall\Core\Opening\Left\LeftItem;
use WindowStall\Core\Opening\Left\LeftPoint;
use WindowStall\Core\Opening\Left\MendedAt;
use WindowStall\Core\Opening\Left\Weight;

/** No text reads as the program drafted it. */
final class OwnWords implements LeftPoint
{
    public function left(LeftFacts $facts): ?LeftItem
    {
        return $facts->untouched === 0 ? null : new LeftItem(
            Weight::Stops,
            $facts->untouched === 1
                ? 'One text still reads as the program drafted it'
                : sprintf('%d texts still read as the program drafted them', $facts->untouched),
            'They are a start and say nothing of you. Change each where it stands.',
            MendedAt::Window,
            'Read them',
        );
    }

    public function stands(LeftFacts $facts): string
    {
        return $facts->published && $facts->untouched === 0 ? 'its words are yours' : '';
    }

    public function rank(): int
    {
        return 130;
    }
}
