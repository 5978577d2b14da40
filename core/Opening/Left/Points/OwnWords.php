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
            sprintf('%s as the program drafted %s', $facts->untouched === 1 ? 'One text still reads' : $facts->untouched.' texts still read', $facts->untouched === 1 ? 'it' : 'them'),
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
