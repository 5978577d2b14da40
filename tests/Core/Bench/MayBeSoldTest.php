<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Bench;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Bench\MayBeSold;

final class MayBeSoldTest extends TestCase
{
    /** @return iterable<string, array{int|null, int|null, bool}> */
    public static function floors(): iterable
    {
        yield 'at its floor' => [0, 300, false];
        yield 'a penny under it' => [-1, 299, true];
        yield 'a loss without a floor' => [null, -1, true];
        yield 'nothing kept and no floor' => [null, 0, false];
        yield 'a loss, whatever the floor allows' => [5, -20, true];
        yield 'nothing known' => [null, null, false];
    }

    #[DataProvider('floors')]
    public function test_what_loses_or_keeps_less_than_the_floor_asks_is_under_it(?int $above, ?int $keep, bool $under): void
    {
        self::assertSame($under, MayBeSold::isUnderFloor($above, $keep));
    }

    public function test_offered_is_what_is_on_and_priced_and_not_under_its_floor_unawares(): void
    {
        self::assertTrue(MayBeSold::isOffered(true, 1, false, false));
        self::assertTrue(MayBeSold::isOffered(true, 1, true, true), 'the seller said so');
        self::assertFalse(MayBeSold::isOffered(true, 1, true, false));
        self::assertFalse(MayBeSold::isOffered(false, 1, false, true));
        self::assertFalse(MayBeSold::isOffered(true, 0, false, true));
        self::assertFalse(MayBeSold::isOffered(true, null, false, true));
        self::assertTrue(MayBeSold::isBuyable(1, true));
        self::assertFalse(MayBeSold::isBuyable(0, true));
        self::assertFalse(MayBeSold::isBuyable(9, false));
    }
}
