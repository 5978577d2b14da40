<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Words;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Words\Plural;

final class PluralTest extends TestCase
{
    #[TestWith([0, '0 listings', 'listings', '0 listings'])]
    #[TestWith([1, '1 listing', 'listing', 'one listing'])]
    #[TestWith([2, '2 listings', 'listings', '2 listings'])]
    #[TestWith([1200, '1,200 listings', 'listings', '1,200 listings'])]
    public function test_only_one_is_one(int $n, string $of, string $word, string $spoken): void
    {
        self::assertSame($of, Plural::of($n, 'listing'));
        self::assertSame($word, Plural::word($n, 'listing'));
        self::assertSame($spoken, Plural::spoken($n, 'listing'));
    }

    public function test_what_has_another_form_than_an_s_says_it(): void
    {
        self::assertSame('2 orders are', Plural::of(2, 'order is', 'orders are'));
        self::assertSame('1 order is', Plural::of(1, 'order is', 'orders are'));
    }
}
