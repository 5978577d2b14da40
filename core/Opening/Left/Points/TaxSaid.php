<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Left\Points;

use WindowStall\Core\Opening\Left\LeftFacts;
use WindowStall\Core\Opening\Left\LeftItem;
use WindowStall\Core\Opening\Left\LeftPoint;
use WindowStall\Core\Opening\Left\MendedAt;
use WindowStall\Core\Opening\Left\Named;
use WindowStall\Core\Opening\Left\Weight;

/** The tax of every country sold to is said. */
final class TaxSaid implements LeftPoint
{
    public function left(LeftFacts $facts): ?LeftItem
    {
        return $facts->taxUnsaid === [] ? null : new LeftItem(
            Weight::Pity,
            'The tax of '.Named::few($facts->taxUnsaid).' isn’t said',
            'Your home rate is taken there. What is owed is yours to know.',
            MendedAt::Taxes,
            'Say it',
        );
    }

    public function stands(LeftFacts $facts): string
    {
        return $facts->taxUnsaid === [] ? 'taxes are said' : '';
    }

    public function rank(): int
    {
        return 70;
    }
}
