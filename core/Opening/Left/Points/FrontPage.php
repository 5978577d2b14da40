<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Left\Points;

use WindowStall\Core\Opening\Left\LeftFacts;
use WindowStall\Core\Opening\Left\LeftItem;
use WindowStall\Core\Opening\Left\LeftPoint;
use WindowStall\Core\Opening\Left\MendedAt;
use WindowStall\Core\Opening\Left\Weight;

/** The front page is published. */
final class FrontPage implements LeftPoint
{
    public function left(LeftFacts $facts): ?LeftItem
    {
        return $facts->published ? null : new LeftItem(
            Weight::Stops,
            'The front page was never published',
            'Shoppers would see what the program lays for everybody.',
            MendedAt::Window,
            'Dress it',
        );
    }

    public function stands(LeftFacts $facts): string
    {
        return $facts->published ? 'the front page is published' : '';
    }

    public function rank(): int
    {
        return 120;
    }
}
