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

/** The front page reads well on a phone, as it was measured when somebody dressed it last. */
final class ReadsOnPhone implements LeftPoint
{
    public function left(LeftFacts $facts): ?LeftItem
    {
        $found = $facts->phone ?? [];

        return $found === [] ? null : new LeftItem(
            Weight::Pity,
            ucfirst(Plural::spoken(count($found), 'thing')).' could be better of the front page on a phone',
            Named::few(array_map(static fn (string $words): string => rtrim($words, '. '), $found)).'.',
            MendedAt::Window,
            'See it there',
        );
    }

    public function stands(LeftFacts $facts): string
    {
        return $facts->phone === [] ? 'the front page reads well on a phone' : '';
    }

    public function rank(): int
    {
        return 135;
    }
}
