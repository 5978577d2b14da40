<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Facts;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Facts\Fact;
use WindowStall\Core\Facts\Policy;

final class FactTest extends TestCase
{
    public function test_a_held_word_stands_whatever_the_supplier_says(): void
    {
        $fact = Fact::held('Trowel NEW', 'Trowel HOT', 'Hand trowel');
        self::assertSame('Hand trowel', $fact->shown());
    }

    public function test_an_emptied_field_is_the_sellers_word_too(): void
    {
        self::assertSame('', Fact::held('a', 'a', '')->shown());
    }

    public function test_a_following_fact_takes_the_suppliers_word_at_once(): void
    {
        self::assertSame('now', Fact::following('then', 'now')->shown());
    }

    public function test_a_waiting_fact_keeps_the_agreed_word(): void
    {
        self::assertSame('then', Fact::following('then', 'now', Policy::Ask)->shown());
        self::assertSame('then', Fact::following('then', 'now', Policy::Keep)->shown());
    }
}
