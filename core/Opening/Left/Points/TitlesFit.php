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

/** Titles fit what search engines show. */
final class TitlesFit implements LeftPoint
{
    public function left(LeftFacts $facts): ?LeftItem
    {
        return $facts->longTitles === [] ? null : new LeftItem(
            Weight::Pity,
            sprintf('Search engines cut %s', Plural::of(count($facts->longTitles), 'title')),
            sprintf('%s. A shorter title for them is said on the listing.', Named::few($facts->longTitles)),
            MendedAt::Bench,
            'To the bench',
        );
    }

    public function stands(LeftFacts $facts): string
    {
        return $facts->goods > 0 && $facts->longTitles === [] ? 'titles fit what search engines show' : '';
    }

    public function rank(): int
    {
        return 160;
    }
}
