<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Left\Points;

use WindowStall\Core\Opening\Left\LeftFacts;
use WindowStall\Core\Opening\Left\LeftItem;
use WindowStall\Core\Opening\Left\LeftPoint;
use WindowStall\Core\Opening\Left\MendedAt;
use WindowStall\Core\Opening\Left\Named;
use WindowStall\Core\Opening\Left\Weight;

/** Every policy can be read. */
final class PoliciesRead implements LeftPoint
{
    public function left(LeftFacts $facts): ?LeftItem
    {
        return $facts->unpublished === [] ? null : new LeftItem(
            Weight::Stops,
            sprintf('%s can’t be read yet', Named::few($facts->unpublished)),
            'It is written from how the stall is set up; publish it once its blanks are filled.',
            MendedAt::Pages,
            'Read it',
        );
    }

    public function stands(LeftFacts $facts): string
    {
        return $facts->unpublished === [] ? 'policies without blanks' : '';
    }

    public function rank(): int
    {
        return 100;
    }
}
