<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Left\Points;

use WindowStall\Core\Opening\Left\LeftFacts;
use WindowStall\Core\Opening\Left\LeftItem;
use WindowStall\Core\Opening\Left\LeftPoint;
use WindowStall\Core\Opening\Left\MendedAt;
use WindowStall\Core\Opening\Left\Named;
use WindowStall\Core\Opening\Left\Weight;

/** Goods that lose money at a place. */
final class EarnsThere implements LeftPoint
{
    public function left(LeftFacts $facts): ?LeftItem
    {
        $place = array_key_first($facts->losses);

        return $place === null ? null : new LeftItem(
            Weight::Pity,
            sprintf('%s money when sent to %s', count($facts->losses[$place]) === 1
                ? $facts->losses[$place][0].' loses'
                : count($facts->losses[$place]).' things lose', $place),
            count($facts->losses) === 1
                ? 'The charge for delivery there is less than it costs you.'
                : 'So do some to '.Named::few(array_values(array_diff(array_keys($facts->losses), [$place]))).'.',
            MendedAt::Delivery,
            'Where it goes',
        );
    }

    public function stands(LeftFacts $facts): string
    {
        return $facts->goods > 0 && $facts->losses === [] ? 'nothing loses money on its way' : '';
    }

    public function rank(): int
    {
        return 60;
    }
}
