<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Source;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\SupplierItem;
use WindowStall\Core\Source\SupplierVariant;

/** Supplier items for tests. */
final class Items
{
    /** @param  list<SupplierVariant>  $variants */
    public static function item(
        array $variants,
        string $title = 'Garden Trowel NEW',
        string $description = '<p>Dear friend</p>',
        string $id = 'T-1',
        string $picture = 'http://oakum.standins.localhost/p.png',
    ): SupplierItem {
        return new SupplierItem(
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
    ): SupplierVariant {
        return new SupplierVariant(
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
