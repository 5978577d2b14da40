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

/** Goods that nobody can buy. */
final class GoodsToBeHad implements LeftPoint
{
    public function left(LeftFacts $facts): ?LeftItem
    {
        if ($facts->goods === 0 || $facts->soldOut === []) {
            return null;
        }
        $all = count($facts->soldOut) === $facts->goods;

        return new LeftItem(
            $all ? Weight::Stops : Weight::Pity,
            $all ? 'Nothing in the window can be bought' : sprintf(
                '%d of %s can’t be bought',
                count($facts->soldOut),
                Plural::of($facts->goods, 'thing'),
            ),
            sprintf('Sold out, switched off or without a price: %s.', Named::few($facts->soldOut)),
            MendedAt::Bench,
            'Look at them',
        );
    }

    public function stands(LeftFacts $facts): string
    {
        return $facts->goods > 0 && $facts->soldOut === [] ? 'all of it can be bought' : '';
    }

    public function rank(): int
    {
        return 20;
    }
}
