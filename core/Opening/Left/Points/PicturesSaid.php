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

/** Pictures say what they show to those who don’t see them. */
final class PicturesSaid implements LeftPoint
{
    public function left(LeftFacts $facts): ?LeftItem
    {
        return $facts->wordless === [] ? null : new LeftItem(
            Weight::Pity,
            'Pictures say only their name to those who don’t see them',
            sprintf('%s: %s. Say what they show, under their pictures.', Plural::of(count($facts->wordless), 'thing'), Named::few($facts->wordless)),
            MendedAt::Bench,
            'To the bench',
        );
    }

    public function stands(LeftFacts $facts): string
    {
        return $facts->goods > 0 && $facts->wordless === [] ? 'pictures have words' : '';
    }

    public function rank(): int
    {
        return 150;
    }
}
