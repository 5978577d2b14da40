<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Left\Points;

use WindowStall\Core\Opening\Left\LeftFacts;
use WindowStall\Core\Opening\Left\LeftItem;
use WindowStall\Core\Opening\Left\LeftPoint;
use WindowStall\Core\Opening\Left\MendedAt;
use WindowStall\Core\Opening\Left\Named;
use WindowStall\Core\Opening\Left\Weight;

/** Policies say how the stall is set up. */
final class PoliciesTrue implements LeftPoint
{
    public function left(LeftFacts $facts): ?LeftItem
    {
        return $facts->outdated === [] ? null : new LeftItem(
            Weight::Stops,
            sprintf('%s says what isn’t so any more', Named::few($facts->outdated)),
            'The stall is set up otherwise since. Publish it as it is now.',
            MendedAt::Pages,
            'See both',
        );
    }

    public function stands(LeftFacts $facts): string
    {
        return $facts->unpublished === [] && $facts->outdated === [] ? 'policies say how it is' : '';
    }

    public function rank(): int
    {
        return 110;
    }
}
