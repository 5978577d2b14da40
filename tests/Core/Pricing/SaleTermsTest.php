<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Pricing;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Recipe\Ending;
use WindowStall\Core\Pricing\Recipe\Floor;
use WindowStall\Core\Pricing\Recipe\Recipe;
use WindowStall\Core\Pricing\Sale\SaleTerms;
use WindowStall\Core\Pricing\Sale\Till;
use WindowStall\Core\Tax\SalesTax;

/** Prices solved from what they have to keep. */
final class SaleTermsTest extends TestCase
{
    public function test_the_break_even_price_by_hand(): void
    {
        // K = P/1.2 − 0.015 P − 0.20 − 10.00 = 0 at P = 10.20 ÷ 0.818333 = 12.4644
        $price = Terms::simple()->priceKeeping(Money::gbp(1000), Money::gbp(0));
        self::assertEquals(
            Money::gbp(1247),
            $price,
            '12.46 still loses a penny as the lines are rounded: 10.38 − 10.00 − 0.39',
        );
        self::assertSame(-1, Terms::simple()->keep(1246, 1000)[0]);
        self::assertSame(0, Terms::simple()->keep(1247, 1000)[0]);
    }

    public function test_a_price_for_a_margin_with_tax_on_top_by_hand(): void
    {
        // R = P; K = P − 8.00 − 0.029 × 1.08 P − 0.30 = 0.4 P at P = 8.30 ÷ 0.56868 = 14.595
        $terms = new SaleTerms(SalesTax::onTop(Rate::bp(800)), Money::gbp(0), Rate::parse('0.029'), Money::gbp(30));
        self::assertEquals(Money::gbp(1460), $terms->priceKeeping(Money::gbp(800), Money::gbp(0), Rate::bp(4000)));
    }

    public function test_a_target_is_met_within_one_minor_unit(): void
    {
        mt_srand(3);
        for ($n = 0; $n < 4000; $n++) {
            [$terms, $landed, $amount] = [Terms::random(), Terms::randomLanded()->total, Money::gbp(mt_rand(0, 5000))];
            $price = $terms->priceKeeping($landed, $amount);
            self::assertNotNull($price);
            [$keep] = $terms->keep($price->minor, $landed->minor);
            self::assertGreaterThanOrEqual($amount->minor, $keep);
            if ($price->minor > 0) {
                self::assertLessThanOrEqual($amount->minor + 1, $keep);
                self::assertLessThan(
                    $amount->minor,
                    $terms->keep($price->minor - 1, $landed->minor)[0],
                    'a minor unit less doesn’t do',
                );
            }
        }
    }

    public function test_from_the_value_at_which_delivery_is_free_nothing_of_it_is_kept(): void
    {
        $free = Terms::simple(charged: 295, freeOver: Money::gbp(2500));
        self::assertSame(Terms::simple(charged: 295)->keep(2499, 900), $free->keep(2499, 900));
        self::assertSame(Terms::simple()->keep(2511, 900), $free->keep(2511, 900));
        self::assertSame([295, 0], [$free->chargedAt(2499), $free->chargedAt(2500)]);
        $till = Till::ring(Money::gbp(2511), Landed::of(Money::gbp(700), Money::gbp(200)), $free);
        self::assertSame(0, $till->charged->minor);
        self::assertSame($till->keep->minor, Terms::simple()->keep(2511, 900)[0]);
    }

    public function test_the_lowest_price_is_found_on_either_side_of_free_delivery(): void
    {
        mt_srand(11);
        $sides = [0, 0];
        for ($n = 0; $n < 200; $n++) {
            $terms = Terms::simple(charged: 295, freeOver: Money::gbp(2500));
            [$landed, $amount] = [Money::gbp(mt_rand(1500, 2100)), Money::gbp(mt_rand(0, 400))];
            $price = $terms->priceKeeping($landed, $amount)?->minor;
            for ($least = 0; $terms->keep($least, $landed->minor)[0] < $amount->minor; $least++) {
                continue;
            }
            self::assertSame($least, $price);
            $sides[$least < 2500 ? 0 : 1]++;
        }
        self::assertGreaterThan(5, min($sides), 'both sides were tried');
    }

    public function test_an_ending_doesnt_lift_a_price_over_free_delivery_and_under_its_floor(): void
    {
        $terms = Terms::simple(charged: 295, freeOver: Money::gbp(2500));
        $recipe = Recipe::plain(1_000_000, new Ending(0), Floor::keep(Money::gbp(200)));
        // The floor is met at 24.50 with delivery paid; at 25.00, where its ending leads, nothing is kept.
        self::assertSame([200, -1], [$terms->keep(2450, 2026)[0], $terms->keep(2500, 2026)[0]]);
        $price = $recipe->decide(Landed::of(Money::gbp(2026), Money::gbp(0)), $terms)->price;
        self::assertNotNull($price);
        self::assertGreaterThanOrEqual(200, $terms->keep($price->minor, 2026)[0]);
    }

    public function test_a_margin_is_met_within_one_minor_unit(): void
    {
        mt_srand(5);
        for ($n = 0; $n < 3000; $n++) {
            [$terms, $landed, $margin] = [Terms::random(), Terms::randomLanded()->total, new Rate(mt_rand(0, 400_000))];
            $price = $terms->priceKeeping($landed, Money::gbp(0), $margin);
            self::assertNotNull($price);
            [$keep, $receipts] = $terms->keep($price->minor, $landed->minor);
            $over = $keep * Rate::WHOLE - $margin->millionths * $receipts;
            self::assertGreaterThanOrEqual(0, $over);
            self::assertTrue($price->minor === 0 || $over < 2 * Rate::WHOLE, 'not a minor unit more than asked');
        }
    }

    public function test_no_lower_price_of_all_there_are_meets_the_target(): void
    {
        mt_srand(13);
        for ($n = 0; $n < 600; $n++) {
            [$terms, $landed, $amount, $margin] = [
                Terms::random(),
                mt_rand(0, 1_200),
                mt_rand(0, 1) * mt_rand(0, 400),
                mt_rand(0, 1) * mt_rand(0, 400_000),
            ];
            $met = static function (int $price) use ($terms, $landed, $amount, $margin): bool {
                [$keep, $receipts] = $terms->keep($price, $landed);

                return ($keep - $amount) * Rate::WHOLE >= $margin * $receipts;
            };
            for ($lowest = 0; ! $met($lowest); $lowest++) {
            }
            self::assertSame(
                $lowest,
                $terms->priceKeeping(Money::gbp($landed), Money::gbp($amount), new Rate($margin))?->minor,
            );
        }
    }

    public function test_what_is_kept_never_falls_as_the_price_rises(): void
    {
        mt_srand(9);
        for ($n = 0; $n < 3000; $n++) {
            [$terms, $landed] = [Terms::random(), mt_rand(0, 30_000)];
            [$low, $step] = [mt_rand(0, 40_000), mt_rand(1, 400)];
            $more = $terms->keep($low + $step, $landed)[0] - $terms->keep($low, $landed)[0];
            // Four lines are rounded, each by half a minor unit at most, at either price.
            self::assertGreaterThanOrEqual(-4, $more, 'but for the rounding of its lines');
            self::assertTrue($step < 40 || $more >= 0, 'and no more than that: a real step brings something');
        }
    }

    #[TestWith(['0.50', '0.40', '0.20', null])]
    #[TestWith(['0.95', '0', '0.04', null])]
    #[TestWith(['0', '0', '0', '1.0'])]
    #[TestWith(['0.833332', '0', '0', null], 'of a hundred thousand a penny would be left')]
    public function test_where_fees_eat_everything_there_is_no_price(
        string $payment,
        string $platform,
        string $returns,
        ?string $margin,
    ): void {
        $terms = new SaleTerms(
            SalesTax::included(Rate::bp(2000)),
            Money::gbp(0),
            Rate::parse($payment),
            Money::gbp(0),
            Rate::parse($platform),
            Rate::parse($returns),
        );
        self::assertNull(
            $terms->priceKeeping(Money::gbp(100), Money::gbp(100), $margin === null ? null : Rate::parse($margin)),
        );
    }

    public function test_a_delivery_charge_pays_part_and_a_price_is_never_below_nothing(): void
    {
        self::assertEquals(Money::gbp(0), Terms::simple('GBP', 5000)->priceKeeping(Money::gbp(100), Money::gbp(0)));
    }

    public function test_every_line_at_a_price_and_what_is_kept_of_it_agree(): void
    {
        $terms = new SaleTerms(
            SalesTax::onTop(Rate::bp(1000)),
            Money::gbp(100),
            Rate::bp(200),
            Money::gbp(20),
            Rate::bp(500),
            Rate::bp(400),
            Money::gbp(30),
        );
        self::assertSame(
            ['tax' => 100, 'gross' => 1100, 'receipts' => 1000, 'payment' => 42, 'platform' => 50, 'returns' => 40],
            $terms->lines(900),
        );
        self::assertSame([1000 - 300 - 42 - 50 - 40 - 30, 1000], $terms->keep(900, 300));
        mt_srand(31);
        for ($n = 0; $n < 500; $n++) {
            [$terms, $price, $landed] = [Terms::random(), mt_rand(0, 30_000), mt_rand(0, 9_000)];
            $l = $terms->lines($price);
            $spent = $landed + $l['payment'] + $l['platform'] + $l['returns'] + $terms->advertising->minor;
            self::assertSame([$l['receipts'] - $spent, $l['receipts']], $terms->keep($price, $landed));
        }
    }

    public function test_a_millionth_of_a_great_price_counts(): void
    {
        $bare = static fn (Rate $platform, Rate $returns): SaleTerms => new SaleTerms(
            SalesTax::onTop(Rate::none()),
            Money::gbp(0),
            Rate::none(),
            Money::gbp(0),
            $platform,
            $returns,
        );
        $price = 5_000_000_00;
        $terms = $bare(new Rate(1), new Rate(1));
        self::assertSame([500, 500], [$terms->lines($price)['platform'], $terms->lines($price)['returns']]);
        self::assertSame([$price - 1_000, $price], $terms->keep($price, 0));
        self::assertSame([$price, $price], $bare(Rate::none(), Rate::none())->keep($price, 0));
    }

    public function test_a_ten_thousandth_of_the_price_is_too_little_and_a_little_more_is_looked_for(): void
    {
        $terms = static fn (int $payment): SaleTerms => new SaleTerms(
            SalesTax::included(Rate::none()),
            Money::gbp(0),
            new Rate($payment),
            Money::gbp(0),
        );
        self::assertNull($terms(999_900)->priceKeeping(Money::gbp(1), Money::gbp(0)));
        self::assertNotNull($terms(999_899)->priceKeeping(Money::gbp(1), Money::gbp(0)));
    }
}
