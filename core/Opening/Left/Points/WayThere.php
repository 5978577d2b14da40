<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Left\Points;

use WindowStall\Core\Opening\Left\LeftFacts;
use WindowStall\Core\Opening\Left\LeftItem;
use WindowStall\Core\Opening\Left\LeftPoint;
use WindowStall\Core\Opening\Left\MendedAt;
use WindowStall\Core\Opening\Left\Named;
use WindowStall\Core\Opening\Left\Weight;

/** Every country that has prices is sent to. */
final class WayThere implements LeftPoint
{
    public function left(LeftFacts $facts): ?LeftItem
    {
        return $facts->unreached === [] ? null : new LeftItem(
            Weight::Stops,
            'Nothing is sent to '.Named::few($facts->unreached),
            'You say you sell there, and no place you send to holds it: its shoppers end at the checkout.',
            MendedAt::Delivery,
            'Where it goes',
        );
    }

    public function stands(LeftFacts $facts): string
    {
        return $facts->unreached === [] ? 'every country you sell to is sent to' : '';
    }

    public function rank(): int
    {
        return 40;
    }
}
