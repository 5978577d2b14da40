<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Left\Points;

use WindowStall\Core\Opening\Left\LeftFacts;
use WindowStall\Core\Opening\Left\LeftItem;
use WindowStall\Core\Opening\Left\LeftPoint;
use WindowStall\Core\Opening\Left\MendedAt;
use WindowStall\Core\Opening\Left\Named;
use WindowStall\Core\Opening\Left\Weight;

/** Goods that keep less than is asked of them, unawares. */
final class KeepsEnough implements LeftPoint
{
    public function left(LeftFacts $facts): ?LeftItem
    {
        return $facts->underFloor === [] ? null : new LeftItem(
            Weight::Pity,
            sprintf('%s less than you ask', count($facts->underFloor) === 1 ? 'One of the goods keeps' : count($facts->underFloor).' goods keep'),
            sprintf('Under the floor, and so not sold: %s.', Named::few($facts->underFloor)),
            MendedAt::Board,
            'To their prices',
        );
    }

    public function stands(LeftFacts $facts): string
    {
        return $facts->goods > 0 && $facts->underFloor === [] ? 'all goods keep what you ask' : '';
    }

    public function rank(): int
    {
        return 30;
    }
}
