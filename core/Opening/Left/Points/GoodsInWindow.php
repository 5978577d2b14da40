<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Left\Points;

use WindowStall\Core\Opening\Left\LeftFacts;
use WindowStall\Core\Opening\Left\LeftItem;
use WindowStall\Core\Opening\Left\LeftPoint;
use WindowStall\Core\Opening\Left\MendedAt;
use WindowStall\Core\Opening\Left\Weight;
use WindowStall\Core\Words\Plural;

/** There is something to buy. */
final class GoodsInWindow implements LeftPoint
{
    public function left(LeftFacts $facts): ?LeftItem
    {
        return $facts->goods > 0 ? null : new LeftItem(
            Weight::Stops,
            'Nothing is in the window',
            'Whoever comes finds an empty shop. Put goods in the window from the bench.',
            MendedAt::Bench,
            'To the bench',
        );
    }

    public function stands(LeftFacts $facts): string
    {
        return $facts->goods === 0 ? '' : Plural::of($facts->goods, 'thing').' in the window';
    }

    public function rank(): int
    {
        return 10;
    }
}
