<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Pricing;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Recipe\Floor;
use WindowStall\Core\Pricing\Sale\KeepCurve;
use WindowStall\Core\Pricing\Sale\SaleTerms;
use WindowStall\Core\Pricing\Sale\Till;
use WindowStall\Core\Tax\SalesTax;

/** The picture of what is kept at each price says what the till says, and holds every price one asks about. */
final class KeepCurveTest extends TestCase
{
    public function test_each_point_is_what_the_till_says(): void
    {
        mt_srand(2_711);
        for ($n = 0; $n < 60; $n++) {
            $landed = Terms::randomLanded();
            $terms = Terms::random();
            $marks = [Money::gbp(mt_rand(1, 60_000)), Money::gbp(mt_rand(1, 60_000))];
            $curve = KeepCurve::of($landed, $terms, Floor::margin(Rate::bp(1_500)), $marks);
            $prices = array_map(static fn (array $p): int => $p['price']->minor, $curve->points);

            self::assertSame($prices, array_values(array_unique($prices)), 'each price once');
            self::assertSame($prices, self::sorted($prices), 'rising');
            foreach ($curve->points as $point) {
                $till = Till::ring($point['price'], $landed, $terms);
                self::assertSame([$till->keep->minor, $till->marginBp], [$point['keep']->minor, $point['marginBp']]);
            }
            foreach (array_filter([...$marks, $curve->breakEven, $curve->floor, $landed->total]) as $mark) {
                self::assertContains($mark->minor, $prices, 'what is asked about lies on it');
            }
            self::assertGreaterThanOrEqual(20, count($prices));
            self::assertLessThanOrEqual(200, count($prices));
            self::assertGreaterThan(max(array_map(static fn (Money $m): int => $m->minor, $marks)), end($prices));
        }
    }

    public function test_it_begins_below_and_ends_above_what_one_asks_about(): void
    {
        $curve = KeepCurve::of(self::costs(1_000), Terms::simple(), null, [Money::gbp(3_000)]);
        $prices = array_map(static fn (array $p): int => $p['price']->minor, $curve->points);
        // From half of the least, in steps of 50, to a third above the greatest.
        self::assertSame([500, 550, 600], array_slice($prices, 0, 3));
        self::assertSame(4_000, end($prices));
        self::assertNull($curve->floor);
        self::assertSame(0, Till::ring($curve->breakEven ?? Money::gbp(0), self::costs(1_000), Terms::simple())->keep->minor);
    }

    /** Steps that people price in. */
    #[TestWith([100, 200, 1])]
    #[TestWith([1_000, 1_500, 20])]
    #[TestWith([1_000, 3_000, 50])]
    #[TestWith([1_000, 10_000, 200])]
    #[TestWith([1_000, 20_000, 500])]
    #[TestWith([1_000, 100_000, 2_000])]
    public function test_steps_are_round(int $cost, int $mark, int $step): void
    {
        $curve = KeepCurve::of(self::costs($cost), Terms::simple(), null, [Money::gbp($mark)]);
        $prices = array_map(static fn (array $p): int => $p['price']->minor, $curve->points);
        $steps = [];
        foreach (array_slice($prices, 1) as $n => $price) {
            $steps[] = $price - $prices[$n];
        }
        $counted = array_count_values($steps);
        arsort($counted);
        self::assertSame($step, array_key_first($counted));
        self::assertSame([], array_filter($steps, static fn (int $s): bool => $s > $step), 'marks only part a step');
    }

    public function test_what_costs_nothing_has_a_curve_too(): void
    {
        $free = new SaleTerms(SalesTax::included(Rate::none()), Money::gbp(0), Rate::none(), Money::gbp(0));
        $curve = KeepCurve::of(self::costs(0), $free, null, []);
        self::assertSame(0, $curve->points[0]['price']->minor);
        self::assertNull($curve->points[0]['marginBp'], 'of nothing there is no margin');
        self::assertSame(0, $curve->breakEven?->minor);
        self::assertCount(27, $curve->points);
    }

    public function test_where_no_price_breaks_even_the_rest_is_drawn_all_the_same(): void
    {
        $greedy = new SaleTerms(
            SalesTax::included(Rate::none()),
            Money::gbp(0),
            Rate::bp(6_000),
            Money::gbp(0),
            Rate::bp(5_000),
        );
        $curve = KeepCurve::of(self::costs(1_000), $greedy, Floor::margin(Rate::bp(1_000)), [Money::gbp(2_000)]);
        self::assertSame([null, null], [$curve->breakEven, $curve->floor]);
        foreach ($curve->points as $point) {
            self::assertTrue($point['keep']->isNegative());
        }
    }

    public function test_in_yen_it_is_drawn_in_whole_yen(): void
    {
        $landed = Landed::of(
            Money::of(1_200, 'JPY'),
            Money::zero(Currency::of('JPY')),
            Money::zero(Currency::of('JPY')),
            Money::zero(Currency::of('JPY')),
        );
        $curve = KeepCurve::of($landed, Terms::simple('JPY'), null, [Money::of(3_980, 'JPY')]);
        self::assertSame('JPY', $curve->points[0]['price']->currency->code);
        self::assertContains(3_980, array_map(static fn (array $p): int => $p['price']->minor, $curve->points));
    }

    private static function costs(int $minor): Landed
    {
        return Landed::of(Money::gbp($minor), Money::gbp(0), Money::gbp(0), Money::gbp(0));
    }

    /**
     * @param  list<int>  $prices
     * @return list<int>
     */
    private static function sorted(array $prices): array
    {
        sort($prices);

        return $prices;
    }
}
