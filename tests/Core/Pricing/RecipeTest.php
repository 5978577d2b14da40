<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Pricing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Recipe\Basis;
use WindowStall\Core\Pricing\Recipe\Cap;
use WindowStall\Core\Pricing\Recipe\Ending;
use WindowStall\Core\Pricing\Recipe\Floor;
use WindowStall\Core\Pricing\Recipe\Recipe;
use WindowStall\Core\Pricing\Recipe\RecipeUnreadable;
use WindowStall\Core\Pricing\Recipe\Step;
use WindowStall\Core\Pricing\Recipe\Toward;

final class RecipeTest extends TestCase
{
    #[TestWith([746, 2_400_000, 1795], '7.46 × 2.4 = 17.904')]
    #[TestWith([748, 2_400_000, 1895], '7.48 × 2.4 = 17.952, a fraction over 17.95: up to 18.95')]
    #[TestWith([1000, 1_500_100, 1595], '15.001 is above 15.00')]
    public function test_a_price_is_landed_cost_times_factor_rounded_up_to_the_ending(
        int $landed,
        int $factor,
        int $price,
    ): void {
        $made = Recipe::plain($factor, new Ending(95))->decide(self::landed($landed), Terms::simple())->price;
        self::assertNotNull($made);
        self::assertEquals(Money::gbp($price), $made);
        self::assertGreaterThanOrEqual(
            $landed * $factor,
            $made->minor * Rate::WHOLE,
            'no recipe gives less than it promises',
        );
    }

    #[TestWith([Basis::Goods, 'factor', 1200], '4.00 × 3')]
    #[TestWith([Basis::Landed, 'factor', 3000], '10.00 × 3')]
    #[TestWith([Basis::Goods, 'add', 900], '4.00 + 5.00')]
    #[TestWith([Basis::Landed, 'add', 1500], '10.00 + 5.00')]
    #[
        TestWith(
            [Basis::Landed, 'keep', 1858],
            '(10.00 + 0.20 + 5.00) ÷ 0.818333 = 18.574, and at 18.57 a penny is missing',
        ),
    ]
    #[TestWith([Basis::Goods, 'keep', 1858], 'what has to be kept knows no basis')]
    #[TestWith([Basis::Landed, 'margin', 1796], '10.20 ÷ (0.7/1.2 − 0.015) = 17.947')]
    public function test_every_method_by_hand(Basis $basis, string $method, int $price): void
    {
        $step = match ($method) {
            'factor' => Step::factor(3_000_000),
            'add' => Step::add(Money::gbp(500)),
            'keep' => Step::keep(Money::gbp(500)),
            default => Step::margin(Rate::bp(3000)),
        };
        $made = (new Recipe($basis, [$step]))->decide(Landed::of(Money::gbp(400), Money::gbp(600)), Terms::simple())
            ->price;
        self::assertNotNull($made);
        self::assertEqualsWithDelta($price, $made->minor, $method === 'factor' || $method === 'add' ? 0 : 1);
    }

    #[TestWith(['GBP', null, null, '5.00'], 'nothing is known')]
    #[TestWith(['JPY', null, null, '500'])]
    #[TestWith(['KWD', null, null, '5.000'])]
    #[TestWith(['GBP', null, 649, '6.00'], 'the middle of what it prices, in whole units')]
    #[TestWith(['GBP', 500, 1250, '13.00'])]
    #[TestWith(['GBP', 500, 520, '10.00'], 'rounded it would begin where the last step does')]
    #[TestWith(['GBP', 500, null, '10.00'])]
    public function test_one_more_step_begins_in_the_middle_of_what_the_last_one_prices(
        string $code,
        ?int $begins,
        ?int $middle,
        string $next,
    ): void {
        $currency = Currency::of($code);
        $steps =
            $begins === null
                ? [Step::factor(2_000_000)]
                : [Step::factor(3_000_000, new Money($begins, $currency)), Step::factor(2_000_000)];
        self::assertSame($next, (new Recipe(Basis::Landed, $steps))->nextStep($currency, $middle)->digits());
    }

    #[TestWith([300, 960], '3.00 × 3.2')]
    #[TestWith([500, 1600], 'the end of a step belongs to it')]
    #[TestWith([501, 1202], '5.01 × 2.4 = 12.024')]
    #[TestWith([2000, 4800])]
    #[TestWith([2001, 3802], '20.01 × 1.9 = 38.019')]
    public function test_steps_go_by_cost(int $landed, int $price): void
    {
        $recipe = new Recipe(Basis::Landed, [
            Step::factor(3_200_000, Money::gbp(500)),
            Step::factor(2_400_000, Money::gbp(2000)),
            Step::factor(1_900_000),
        ]);
        self::assertEquals(Money::gbp($price), $recipe->decide(self::landed($landed), Terms::simple())->price);
    }

    public function test_a_price_under_the_floor_is_raised_to_the_first_ending_above_it(): void
    {
        // Landed 10.00 × 1.2 = 12.00 loses money; a margin of 15% needs (10.00 + 0.20) ÷ (0.85/1.2 − 0.015) = 14.711
        $decision = Recipe::plain(1_200_000, new Ending(95), Floor::margin(Rate::bp(1500)))->decide(
            self::landed(1000),
            Terms::simple(),
        );
        self::assertEquals(
            [Money::gbp(1295), Money::gbp(1495), Money::gbp(1495)],
            [$decision->ended, $decision->raised, $decision->price],
        );
        self::assertSame(
            [
                'Landed cost 10.00 × 1.2 makes 12.00.',
                'Ends .95: 12.95.',
                'The floor of 15% of the receipts asks more: raised to 14.95.',
            ],
            $decision->reasons(),
        );
        self::assertTrue($decision->floorMet);
    }

    public function test_a_floor_in_money_is_kept_without_an_ending_too(): void
    {
        $decision = (new Recipe(Basis::Landed, [Step::factor(1_000_000)], null, Floor::keep(Money::gbp(200))))->decide(
            self::landed(1000),
            Terms::simple(),
        );
        self::assertSame(200, Terms::simple()->keep($decision->price->minor ?? 0, 1000)[0]);
    }

    public function test_a_cap_takes_the_last_ending_under_it(): void
    {
        $decision = (new Recipe(
            Basis::Landed,
            [Step::factor(3_000_000)],
            new Ending(95),
            Floor::margin(Rate::bp(1000)),
            Cap::rrp(),
        ))->decide(self::landed(1000), Terms::simple(), Money::gbp(2600));
        self::assertEquals(Money::gbp(2595), $decision->price);
        self::assertFalse($decision->floorOverCap());
        self::assertEquals(
            Money::gbp(3095),
            (new Recipe(Basis::Landed, [Step::factor(3_050_000)], new Ending(95), null, Cap::rrp()))->decide(
                self::landed(1000),
                Terms::simple(),
            )->price,
            'without an RRP nothing caps',
        );
    }

    public function test_a_floor_that_cannot_be_met_under_the_cap_is_reported(): void
    {
        $decision = (new Recipe(
            Basis::Landed,
            [Step::factor(3_000_000)],
            new Ending(95),
            Floor::margin(Rate::bp(1500)),
            Cap::at(Money::gbp(1200)),
        ))->decide(self::landed(1000), Terms::simple());
        self::assertEquals(Money::gbp(1200), $decision->price, 'the most that may be asked');
        self::assertTrue($decision->floorOverCap());
        self::assertSame('Under it the floor of 15% of the receipts can’t be kept.', $decision->reasons()[4]);
    }

    public function test_a_target_no_price_meets_gives_no_price_and_says_so(): void
    {
        $decision = (new Recipe(Basis::Landed, [Step::margin(Rate::bp(9900))], new Ending(95)))->decide(
            self::landed(1000),
            Terms::simple(),
        );
        self::assertNull($decision->price);
        self::assertStringContainsString('can’t be met', $decision->reasons()[0]);
    }

    public function test_no_recipe_ever_breaks_its_floor_or_its_ending(): void
    {
        mt_srand(13);
        for ($n = 0; $n < 3000; $n++) {
            $terms = Terms::random();
            $landed = Terms::randomLanded();
            $floor =
                mt_rand(0, 1) === 1
                    ? Floor::margin(new Rate(mt_rand(0, 300_000)))
                    : Floor::keep(Money::gbp(mt_rand(0, 2000)));
            [$every, $toward] = [[100, 50, 1000, 5][mt_rand(0, 3)], mt_rand(0, 1) === 1 ? Toward::Up : Toward::Nearest];
            $ending = new Ending(mt_rand(0, $every - 1), $every, $toward);
            $decision = (new Recipe(
                Basis::cases()[mt_rand(0, 1)],
                [Step::factor(mt_rand(500_000, 4_000_000))],
                $ending,
                $floor,
            ))->decide($landed, $terms);
            self::assertNotNull($decision->price);
            self::assertTrue(
                $decision->floorMet && $floor->met($decision->price->minor, $landed->total->minor, $terms),
            );
            self::assertSame($ending->minor, $decision->price->minor % $every);
        }
    }

    public function test_a_recipe_reads_as_a_sentence(): void
    {
        $gbp = Currency::of('GBP');
        self::assertSame('landed × 2.4, ends .95', Recipe::plain(2_400_000, new Ending(95))->words($gbp));
        $recipe = new Recipe(
            Basis::Goods,
            [Step::factor(3_200_000, Money::gbp(500)), Step::margin(Rate::bp(3000))],
            new Ending(0, 50, Toward::Nearest),
            Floor::keep(Money::gbp(200)),
            Cap::rrp(),
        );
        self::assertSame(
            'goods up to 5.00 × 3.2; above for a margin of 30%, to the nearest 0.50, floor 2.00, not above the RRP',
            $recipe->words($gbp),
        );
    }

    #[TestWith([2_400_000, '× 2.4'])]
    #[TestWith([3_000_000, '× 3'])]
    #[TestWith([10_000_000, '× 10'])]
    #[TestWith([1_234_567, '× 1.234567'])]
    #[TestWith([1, '× 0.000001'])]
    public function test_a_factor_reads_without_noughts_at_its_end(int $factor, string $words): void
    {
        self::assertSame($words, Step::factor($factor)->words());
    }

    public function test_other_steps_read_as_what_they_do(): void
    {
        self::assertSame(['+ 3.00', 'for a margin of 30%', 'to keep 4.00'], [
            Step::add(Money::gbp(300))->words(),
            Step::margin(Rate::bp(3000))->words(),
            Step::keep(Money::gbp(400))->words(),
        ]);
        $this->expectException(\InvalidArgumentException::class);
        Step::factor(0);
    }

    /** @return array<string, array{Recipe, int|null, list<string>}> a recipe, the RRP, what is said of landed 10.00 */
    public static function reasoned(): array
    {
        $made = 'Landed cost 10.00 × 2 makes 20.00.';
        $double = static fn (?Ending $ending = null, ?Floor $floor = null, ?Cap $cap = null): Recipe => new Recipe(
            Basis::Landed,
            [Step::factor(2_000_000)],
            $ending,
            $floor,
            $cap,
        );
        $tenth = Floor::margin(Rate::bp(1000));

        return [
            'a factor' => [$double(), null, [$made]],
            'an ending' => [$double(new Ending(95)), null, [$made, 'Ends .95: 20.95.']],
            'a floor that is kept' => [$double(null, $tenth), null, [$made, 'The floor of 10% of the receipts is kept.']],
            'a floor that no price meets' => [
                $double(null, Floor::margin(Rate::bp(10_000))), null,
                [$made, 'The floor of 100% of the receipts can’t be met at any price.'],
            ],
            'a cap that isn’t reached' => [$double(cap: Cap::rrp()), 2_001, [$made]],
            'a cap that is met to the dot' => [$double(cap: Cap::rrp()), 2_000, [$made]],
            'a cap a penny below' => [
                $double(cap: Cap::rrp()), 1_999, [$made, 'Not above the RRP: brought down to 19.99.'],
            ],
            'a floor and a cap' => [
                $double(null, $tenth, Cap::at(Money::gbp(1800))), null,
                [$made, 'The floor of 10% of the receipts is kept.', 'Not above 18.00: brought down to 18.00.'],
            ],
            'a target that can’t be met' => [
                new Recipe(Basis::Goods, [Step::margin(Rate::bp(9900))], new Ending(95), $tenth), null,
                ['Goods 10.00 for a margin of 99% can’t be met: fees and tax eat all that a higher price brings.'],
            ],
        ];
    }

    /** @param  list<string>  $reasons */
    #[DataProvider('reasoned')]
    public function test_a_price_says_how_it_was_made(Recipe $recipe, ?int $rrp, array $reasons): void
    {
        $decision = $recipe->decide(self::landed(1000), Terms::simple(), $rrp === null ? null : Money::gbp($rrp));
        self::assertSame($reasons, $decision->reasons());
        self::assertFalse($decision->floorOverCap());
    }

    public function test_delivery_that_is_built_in_is_said(): void
    {
        $decision = Recipe::plain(2_000_000, new Ending(95))->decide(
            self::landed(1000),
            Terms::simple(),
            carried: Terms::simple('GBP', 295),
        );
        self::assertSame('Landed cost 10.00 × 2 makes 22.94 with delivery of 2.95 built in.', $decision->reasons()[0]);
        self::assertSame(295, $decision->carried?->minor);
        $none = (new Recipe(Basis::Landed, [Step::margin(Rate::bp(9900))]))
            ->decide(self::landed(1000), Terms::simple(), carried: Terms::simple('GBP', 295));
        self::assertSame([null, 295], [$none->price, $none->carried?->minor]);
    }

    /** @return array<string, array{list<Step>}> */
    public static function outOfOrder(): array
    {
        $to = static fn (int $cost): Step => Step::factor(2_000_000, Money::gbp($cost));
        $rest = Step::factor(2_000_000);

        return [
            'falling' => [[$to(2000), $to(500), $rest]],
            'twice the same' => [[$to(500), $to(500), $rest]],
            'an end at the top' => [[$to(500)]],
            'nothing after it counts' => [[$rest, $to(500)]],
            'two for all above' => [[$rest, $rest]],
        ];
    }

    /** @param  non-empty-list<Step>  $steps */
    #[DataProvider('outOfOrder')]
    public function test_steps_that_don_t_rise_are_refused(array $steps): void
    {
        self::assertCount(2, (new Recipe(Basis::Landed, [Step::factor(1, Money::gbp(0)), Step::factor(1)]))->steps);
        $this->expectException(RecipeUnreadable::class);
        new Recipe(Basis::Landed, $steps);
    }

    private static function landed(int $minor): Landed
    {
        return Landed::of(Money::gbp($minor), Money::gbp(0));
    }
}
