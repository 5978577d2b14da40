<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Left\Points;

use WindowStall\Core\Opening\Left\LeftFacts;
use WindowStall\Core\Opening\Left\LeftItem;
use WindowStall\Core\Opening\Left\LeftPoint;
use WindowStall\Core\Opening\Left\MendedAt;
use WindowStall\Core\Opening\Left\Named;
use WindowStall\Core\Opening\Left\Weight;

/** What the seller says in a letter, it says in each language of the shop. */
final class LettersSpeak implements LeftPoint
{
    public function left(LeftFacts $facts): ?LeftItem
    {
        return $facts->unspoken === [] ? null : new LeftItem(
            Weight::Pity,
            'What you say in letters isn’t said in every language',
            Named::few($facts->unspoken).'. Whoever reads those gets the plain letter.',
            MendedAt::Letters,
            'Word them',
        );
    }

    public function stands(LeftFacts $facts): string
    {
        return $facts->unspoken === [] ? 'letters speak each shopper’s language' : '';
    }

    public function rank(): int
    {
        return 125;
    }
}
