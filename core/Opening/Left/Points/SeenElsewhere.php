<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Left\Points;

use WindowStall\Core\Opening\Left\LeftFacts;
use WindowStall\Core\Opening\Left\LeftItem;
use WindowStall\Core\Opening\Left\LeftPoint;
use WindowStall\Core\Opening\Left\MendedAt;
use WindowStall\Core\Opening\Left\Named;
use WindowStall\Core\Opening\Left\Weight;
use WindowStall\Core\Words\Plural;

/** Search engines and messengers have something to show of every page. */
final class SeenElsewhere implements LeftPoint
{
    public function left(LeftFacts $facts): ?LeftItem
    {
        return $facts->plain === [] ? null : new LeftItem(
            Weight::Pity,
            Plural::of(count($facts->plain), 'page').' could be shown better elsewhere',
            Named::few($facts->plain).'.',
            MendedAt::Seen,
            'See them',
        );
    }

    public function stands(LeftFacts $facts): string
    {
        return $facts->rehearsed === null || $facts->plain !== [] ? '' : 'what search engines and messengers show';
    }

    public function rank(): int
    {
        return 150;
    }
}
