<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Pricing;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Ending;
use WindowStall\Core\Pricing\EndingOutOfRange;
use WindowStall\Core\Pricing\Recipe;

final class RecipeTest extends TestCase
{
    #[TestWith([1990, 1995], '19.90 becomes 19.95')]
    #[TestWith([1996, 2095], '19.96 becomes 20.95, never 19.95')]
    #[TestWith([1995, 1995], 'a price that has the ending keeps it')]
    #[TestWith([0, 95])]
    public function test_an_ending_never_lowers_a_price(int $computed, int $shown): void
    {
        self::assertEquals(Money::gbp($shown), (new Ending(95))->atLeast(Money::gbp($computed)));
    }

    public function test_a_currency_without_decimals_has_no_such_ending(): void
    {
        $this->expectException(EndingOutOfRange::class);
        (new Ending(95))->atLeast(Money::of(1200, 'JPY'));
    }

    #[TestWith([746, 24_000, 1795], '7.46 × 2.4 = 17.904')]
    #[TestWith([748, 24_000, 1895], '7.48 × 2.4 = 17.952, a fraction over 17.95: up to 18.95')]
    #[TestWith([1000, 15_001, 1595], '15.001 is above 15.00')]
    public function test_a_price_is_landed_cost_times_factor_rounded_up_to_the_ending(int $landed, int $factorBp, int $price): void
    {
        $made = (new Recipe($factorBp, new Ending(95)))->price(Money::gbp($landed));
        self::assertEquals(Money::gbp($price), $made);
        self::assertGreaterThanOrEqual($landed * $factorBp, $made->minor * 10_000, 'no recipe gives less than it promises');
        self::assertLessThan(100, $made->minor - $landed * $factorBp / 10_000, 'and none goes past the next ending');
        self::assertSame(95, $made->minor % 100);
    }

    public function test_a_recipe_reads_as_a_sentence(): void
    {
        self::assertSame('landed × 2.4, ends .95', (new Recipe(24_000, new Ending(95)))->words());
        self::assertSame('landed × 3, ends .00', (new Recipe(30_000, new Ending(0)))->words());
    }
}
