<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Left\Points;

use WindowStall\Core\Opening\Left\LeftFacts;
use WindowStall\Core\Opening\Left\LeftItem;
use WindowStall\Core\Opening\Left\LeftPoint;
use WindowStall\Core\Opening\Left\MendedAt;
use WindowStall\Core\Opening\Left\Weight;

/** Shoppers can pay, and money is taken. */
final class MoneyIsTaken implements LeftPoint
{
    public function left(LeftFacts $facts): ?LeftItem
    {
        return match (true) {
            ! $facts->paid => new LeftItem(
                Weight::Stops,
                'Nobody can pay',
                'No way of paying is on.',
                MendedAt::Payment,
                'Choose one',
            ),
            ! $facts->live => new LeftItem(
                Weight::Stops,
                'Payment still runs as a test',
                'Shoppers could order, and nothing would be paid. Give the key for real payments.',
                MendedAt::Payment,
                'Give it',
            ),
            default => null,
        };
    }

    public function stands(LeftFacts $facts): string
    {
        return $facts->paid && $facts->live ? 'money is taken' : '';
    }

    public function rank(): int
    {
        return 80;
    }
}
