<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Source;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;

final class SupplierItemTest extends TestCase
{
    public function test_what_is_stored_comes_back_as_it_was_said(): void
    {
        $item = Items::item([Items::variant('a'), Items::variant('b', 600, 0, 'Ünüsual “quote” <b>')]);
        self::assertEquals($item, Item::fromArray($item->toArray()));
    }

    public function test_the_hash_moves_with_any_fact_and_with_nothing_else(): void
    {
        $one = new Variant('a', 's', null, [], Money::of(1, 'USD'), null, 1, ['GB' => 1, 'DE' => 2], null);
        $other = new Variant('a', 's', null, [], Money::of(1, 'USD'), null, 1, ['DE' => 2, 'GB' => 1], null);
        self::assertSame(Items::item([$one])->hash(), Items::item([$other])->hash());
        self::assertNotSame(
            Items::item([Items::variant('a')])->hash(),
            Items::item([Items::variant('a', 541)])->hash(),
        );
        self::assertNotSame(
            Items::item([Items::variant('a')])->hash(),
            Items::item([Items::variant('a', 540, 11)])->hash(),
        );
    }
}
