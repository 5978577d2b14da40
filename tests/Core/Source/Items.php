<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Source;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;

/** Supplier items for tests. */
final class Items
{
    /** @param  list<Variant>  $variants */
    public static function item(
        array $variants,
        string $title = 'Garden Trowel NEW',
        string $description = '<p>Dear friend</p>',
        string $id = 'T-1',
        string $picture = 'http://oakum.standins.localhost/p.png',
    ): Item {
        return new Item(
            $id,
            $title,
            $description,
            'Hand tools',
            [$picture],
            'USD',
            new DayRange(1, 2),
            46,
            $variants,
        );
    }

    public static function variant(
        string $id,
        int $cost = 540,
        int $stock = 12,
        string $colour = 'STL-01',
    ): Variant {
        return new Variant(
            $id,
            'SKU-'.$id,
            null,
            ['Clr' => $colour],
            Money::of($cost, 'USD'),
            null,
            300,
            ['GB' => $stock],
            0,
        );
    }
}
