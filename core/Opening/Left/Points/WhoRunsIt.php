<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Left\Points;

use WindowStall\Core\Opening\Left\LeftFacts;
use WindowStall\Core\Opening\Left\LeftItem;
use WindowStall\Core\Opening\Left\LeftPoint;
use WindowStall\Core\Opening\Left\MendedAt;
use WindowStall\Core\Opening\Left\Named;
use WindowStall\Core\Opening\Left\Weight;

/** Who runs the shop, as the law of most countries wants it said. */
final class WhoRunsIt implements LeftPoint
{
    public function left(LeftFacts $facts): ?LeftItem
    {
        return $facts->unnamed === [] ? null : new LeftItem(
            Weight::Stops,
            'Shoppers can’t tell who you are',
            sprintf('Still to be said: %s. Policies and papers are written with it.', Named::few($facts->unnamed)),
            MendedAt::Pages,
            'Say it',
        );
    }

    public function stands(LeftFacts $facts): string
    {
        return $facts->unnamed === [] ? 'who runs it is said' : '';
    }

    public function rank(): int
    {
        return 90;
    }
}
