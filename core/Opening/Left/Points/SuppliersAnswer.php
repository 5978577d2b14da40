<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Left\Points;

use WindowStall\Core\Opening\Left\LeftFacts;
use WindowStall\Core\Opening\Left\LeftItem;
use WindowStall\Core\Opening\Left\LeftPoint;
use WindowStall\Core\Opening\Left\MendedAt;
use WindowStall\Core\Opening\Left\Named;
use WindowStall\Core\Opening\Left\Weight;

/** Suppliers can be reached. */
final class SuppliersAnswer implements LeftPoint
{
    public function left(LeftFacts $facts): ?LeftItem
    {
        if ($facts->suppliers === 0) {
            return new LeftItem(Weight::Stops, 'No supplier is connected', 'Nobody would post what is bought.', MendedAt::Source, 'Connect one');
        }
        $name = array_key_first($facts->failing);

        return $name === null ? null : new LeftItem(
            Weight::Stops,
            'Something is amiss with '.Named::few(array_keys($facts->failing)),
            $facts->failing[$name],
            MendedAt::Source,
            'See why',
        );
    }

    public function stands(LeftFacts $facts): string
    {
        return $facts->suppliers > 0 && $facts->failing === [] ? 'suppliers answer' : '';
    }

    public function rank(): int
    {
        return 170;
    }
}
