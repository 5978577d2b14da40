<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Pricing;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Recipe\Ending;
use WindowStall\Core\Pricing\Recipe\EndingOutOfRange;
use WindowStall\Core\Pricing\Recipe\Toward;

final class EndingTest extends TestCase
{
    #[TestWith([1990, 1995], '19.90 becomes 19.95')]
    #[TestWith([1996, 2095], '19.96 becomes 20.95, never 19.95')]
    #[TestWith([1995, 1995], 'a price that has the ending keeps it')]
    #[TestWith([0, 95])]
    public function test_upwards_it_never_lowers_a_price(int $computed, int $shown): void
    {
        self::assertEquals(Money::gbp($shown), (new Ending(95))->of(Money::gbp($computed)));
    }

    #[TestWith([1996, 95, 100, 1995])]
    #[TestWith([2044, 95, 100, 1995], '0.49 down, 0.51 up')]
    #[TestWith([2045, 95, 100, 2095], 'of two as near the higher')]
    #[TestWith([1024, 0, 50, 1000])]
    #[TestWith([1025, 0, 50, 1050])]
    #[TestWith([20, 0, 50, 50], 'never nothing')]
    #[TestWith([30, 95, 100, 95])]
    public function test_the_nearest(int $computed, int $minor, int $every, int $shown): void
    {
        self::assertEquals(
            Money::gbp($shown),
            (new Ending($minor, $every, Toward::Nearest))->of(Money::gbp($computed)),
        );
    }

    #[TestWith([1994, 1895])]
    #[TestWith([1995, 1995])]
    #[TestWith([94, null])]
    public function test_the_last_one_under_a_price(int $price, ?int $under): void
    {
        self::assertEquals($under === null ? null : Money::gbp($under), (new Ending(95))->atMost(Money::gbp($price)));
    }

    public function test_a_currency_without_decimals_has_no_such_ending_but_steps_of_its_own(): void
    {
        self::assertEquals(Money::of(1280, 'JPY'), (new Ending(80, 100))->of(Money::of(1201, 'JPY')));
        $this->expectException(EndingOutOfRange::class);
        (new Ending(95))->atLeast(Money::of(1200, 'JPY'));
    }

    public function test_three_decimals(): void
    {
        self::assertEquals(Money::of(4950, 'KWD'), (new Ending(950))->of(Money::of(4011, 'KWD')));
    }

    #[TestWith(['GBP', 95, null, Toward::Up, 'ends .95'])]
    #[TestWith(['GBP', 5, null, Toward::Up, 'ends .05'])]
    #[TestWith(['GBP', 0, null, Toward::Up, 'ends .00'])]
    #[TestWith(['GBP', 95, 100, Toward::Up, 'ends .95'])]
    #[TestWith(['GBP', 95, null, Toward::Nearest, 'ends .95, whichever is nearest'])]
    #[TestWith(['KWD', 50, null, Toward::Up, 'ends .050'])]
    #[TestWith(['JPY', 0, null, Toward::Up, 'whole'])]
    #[TestWith(['GBP', 0, 100, Toward::Up, 'up to the next 1.00'])]
    #[TestWith(['GBP', 0, 50, Toward::Nearest, 'to the nearest 0.50'])]
    #[TestWith(['GBP', 25, 50, Toward::Nearest, 'to the nearest 0.50 and 0.25'])]
    #[TestWith(['GBP', 1, 50, Toward::Up, 'up to the next 0.50 and 0.01'])]
    #[TestWith(['GBP', 101, 500, Toward::Up, 'up to the next 5.00 and 1.01'])]
    public function test_it_reads_as_people_say_it(string $code, int $minor, ?int $every, Toward $toward, string $words): void
    {
        self::assertSame($words, (new Ending($minor, $every, $toward))->words(Currency::of($code)));
    }

    #[TestWith([-1, null])]
    #[TestWith([0, 0])]
    #[TestWith([0, -1])]
    #[TestWith([50, 50])]
    #[TestWith([51, 50])]
    public function test_an_ending_lies_within_its_step(int $minor, ?int $every): void
    {
        $this->expectException(\InvalidArgumentException::class);
        new Ending($minor, $every);
    }

    #[TestWith([0, 1, 7, 7])]
    #[TestWith([49, 50, 150, 199])]
    #[TestWith([0, null, 100, 100])]
    public function test_the_widest_and_the_narrowest(int $minor, ?int $every, int $price, int $shown): void
    {
        self::assertSame($shown, (new Ending($minor, $every))->of(Money::gbp($price))->minor);
    }

    public function test_what_a_currency_can_t_end_in_is_said_with_what_it_can(): void
    {
        self::assertSame(99, (new Ending(99))->of(Money::gbp(3))->minor);
        $this->expectExceptionMessage('Prices in GBP can’t end in 100: the part below the whole unit goes up to 99.');
        (new Ending(100))->of(Money::gbp(3));
    }

    public function test_nothing_is_no_price_to_come_down_to(): void
    {
        self::assertNull((new Ending(0, 50))->atMost(Money::gbp(49)));
        self::assertSame(50, (new Ending(0, 50))->atMost(Money::gbp(50))?->minor);
        self::assertSame(1, (new Ending(0, 1))->atMost(Money::gbp(1))?->minor);
    }
}
