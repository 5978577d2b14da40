<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Left\Points;

use WindowStall\Core\Opening\Left\LeftFacts;
use WindowStall\Core\Opening\Left\LeftItem;
use WindowStall\Core\Opening\Left\LeftPoint;
use WindowStall\Core\Opening\Left\MendedAt;
use WindowStall\Core\Opening\Left\Named;
use WindowStall\Core\Opening\Left\Weight;

/** Menus and buttons lead somewhere. */
final class LeadsSomewhere implements LeftPoint
{
    public function left(LeftFacts $facts): ?LeftItem
    {
        $page = array_key_first($facts->nowhere);

        return $page === null ? null : new LeftItem(
            Weight::Pity,
            sprintf('%s nowhere', count($facts->nowhere, COUNT_RECURSIVE) - count($facts->nowhere) === 1 ? 'A link leads' : 'Links lead'),
            sprintf('On %s: %s.', $page, Named::few($facts->nowhere[$page])),
            MendedAt::Window,
            'Mend it',
        );
    }

    public function stands(LeftFacts $facts): string
    {
        return $facts->published && $facts->nowhere === [] ? 'menus lead somewhere' : '';
    }

    public function rank(): int
    {
        return 140;
    }
}
