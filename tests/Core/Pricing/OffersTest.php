<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Pricing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Listing\AcrossVariants;
use WindowStall\Core\Pricing\Listing\FrozenRate;
use WindowStall\Core\Pricing\Listing\PricedBy;
use WindowStall\Core\Pricing\Listing\PricedOnce;
use WindowStall\Core\Pricing\Listing\PriceSpread;
use WindowStall\Core\Pricing\Listing\TrialTally;
use WindowStall\Core\Pricing\Listing\VariantPrice;
use WindowStall\Core\Pricing\Offers\FreeDelivery;
use WindowStall\Core\Pricing\Offers\WasPrice;
use WindowStall\Core\Pricing\Recipe\Conditions;
use WindowStall\Core\Pricing\Recipe\Ending;
use WindowStall\Core\Pricing\Recipe\Floor;
use WindowStall\Core\Pricing\Recipe\PricedGoods;
use WindowStall\Core\Pricing\Recipe\Recipe;
use WindowStall\Core\Pricing\Recipe\RecipeBook;
use WindowStall\Core\Pricing\Recipe\RecipeUnreadable;
use WindowStall\Core\Pricing\Recipe\RuledRecipe;
use WindowStall\Core\Pricing\Sale\KeepCurve;

/** Which recipe, how variants go together, and what is offered besides a price. */
final class OffersTest extends TestCase
{
    public function test_the_first_recipe_whose_conditions_hold_makes_the_price(): void
    {
        $plain = Recipe::plain(2_400_000, new Ending(95));
        $book = new RecipeBook([
            new RuledRecipe(1, 'Heavy', new Conditions(gramsFrom: 2000), $plain),
            new RuledRecipe(2, 'Pots from Kilnfold', new Conditions(suppliers: [7], tags: ['Pots']), $plain),
            new RuledRecipe(3, 'To Ireland', new Conditions(markets: ['IE']), $plain),
            new RuledRecipe(4, 'Cheap tools', new Conditions(types: ['tool'], costTo: 500), $plain),
            new RuledRecipe(5, 'Stitched', new Conditions(methods: ['stitch']), $plain),
            new RuledRecipe(6, 'Everything else', new Conditions(), $plain),
        ]);
        $which = static fn (PricedGoods $g): int => $book->for($g)->id;
        self::assertSame(1, $which(new PricedGoods(7, '', ['pots'], 400, 2000, 'GB')));
        self::assertSame(2, $which(new PricedGoods(7, '', ['blue', 'pots'], 400, 1999, 'IE')));
        self::assertSame(3, $which(new PricedGoods(7, '', [], 400, 100, 'IE')));
        self::assertSame(4, $which(new PricedGoods(8, 'Tool', [], 500, 100, 'GB')));
        self::assertSame(6, $which(new PricedGoods(8, 'Tool', [], 501, 100, 'GB')));
        self::assertSame(5, $which(new PricedGoods(8, '', [], 501, 100, 'GB', ['stitch', 'transfer'])));
        $this->expectException(RecipeUnreadable::class);
        new RecipeBook([new RuledRecipe(1, 'Heavy', new Conditions(gramsFrom: 2000), $plain)]);
    }

    public function test_only_a_recipe_without_any_condition_goes_last(): void
    {
        self::assertTrue((new Conditions())->none());
        $some = [
            new Conditions(suppliers: [1]),
            new Conditions(types: ['']),
            new Conditions(tags: ['x']),
            new Conditions(costFrom: 0),
            new Conditions(costTo: 0),
            new Conditions(gramsFrom: 0),
            new Conditions(gramsTo: 0),
            new Conditions(markets: ['GB']),
            new Conditions(methods: ['stitch']),
        ];
        foreach ($some as $n => $one) {
            self::assertFalse($one->none(), (string) $n);
        }
    }

    public function test_one_price_for_all_is_the_dearest_and_steps_have_one_each(): void
    {
        $prices = [1 => 1095, 2 => 1195, 3 => 1495, 4 => null];
        self::assertSame($prices, (new PriceSpread(AcrossVariants::Each))->over($prices));
        self::assertSame([1 => 1495, 2 => 1495, 3 => 1495, 4 => null], (new PriceSpread(AcrossVariants::One))->over($prices));
        self::assertSame(
            [1 => 1195, 2 => 1195, 3 => 1495, 4 => null],
            (new PriceSpread(AcrossVariants::Stepped, 'Size', [['S', 'XL']]))->over($prices, [
                1 => 'S',
                2 => 'XL',
                3 => '3XL',
                4 => 'S',
            ]),
        );
    }

    public function test_free_delivery_built_into_the_price_keeps_as_much(): void
    {
        $terms = Terms::simple('GBP', 295);
        $landed = Landed::of(Money::gbp(400), Money::gbp(300));
        $price = FreeDelivery::builtIn(Money::gbp(1895), $landed, $terms);
        self::assertEquals(Money::gbp(2190), $price, 'all of the charge, for tax and fees fall on both alike');
        self::assertSame($terms->keep(1895, 700)[0], FreeDelivery::without($terms)->keep(2190, 700)[0]);
    }

    public function test_free_delivery_over_a_basket_value_that_pays_for_itself(): void
    {
        // Usual basket 20.00, landed 8.00: keeps 22.95/1.2 … ; a fuller one costs 40% of its price landed.
        $proposal = FreeDelivery::over(
            [
                ['goods' => 1500, 'landed' => 600],
                ['goods' => 2500, 'landed' => 1000],
                ['goods' => 2000, 'landed' => 800],
                ['goods' => 3000, 'landed' => 1200],
            ],
            Terms::simple('GBP', 295),
            500,
        );
        self::assertNotNull($proposal);
        // Usual 22.50, landed 9.00, keeps 25.45 − 4.24 − 9.00 − 0.58 = 11.63. At 25.00 free: 25 − 4.17 − 10 − 0.58 =
        // 10.25; at 30.00: 30 − 5 − 12 − 0.65 = 12.35.
        self::assertSame(
            [3000, 2250, 1163, 1235, 4, 1],
            [
                $proposal->over->minor,
                $proposal->usual->minor,
                $proposal->keep->minor,
                $proposal->then->minor,
                $proposal->orders,
                $proposal->above,
            ],
        );
        // 2.95 − 0.49 tax − 0.05 fee, to the penny of the rounded lines
        self::assertEqualsWithDelta(241, $proposal->cost->minor, 1);
        self::assertNull(FreeDelivery::over([], Terms::simple('GBP', 295), 500));
        self::assertNull(
            FreeDelivery::over([['goods' => 1000, 'landed' => 1000]], Terms::simple('GBP', 295), 500),
            'goods that earn nothing never pay for a parcel',
        );
    }

    public function test_a_was_price_stands_only_above_the_price_and_where_the_law_asks_only_if_it_was_asked(): void
    {
        [$price, $was] = [Money::gbp(1895), Money::gbp(2495)];
        self::assertStringContainsString(
            'above the price',
            (string) WasPrice::refusal($price, $price, 'GB', null, false),
        );
        self::assertNull(WasPrice::refusal($was, $price, 'GB', null, false));
        self::assertStringContainsString(
            'never asked',
            (string) WasPrice::refusal($was, $price, 'NL', Money::gbp(2095), false),
        );
        self::assertStringContainsString('no was-price', (string) WasPrice::refusal($was, $price, 'IE', null, false));
        self::assertNull(WasPrice::refusal($was, $price, 'NL', Money::gbp(2095), true));
    }

    public function test_the_lowest_price_of_the_thirty_days_before(): void
    {
        $day = 86_400;
        $history = [
            ['at' => 0, 'minor' => 900],
            ['at' => 10 * $day, 'minor' => 2495],
            ['at' => 50 * $day, 'minor' => 2095],
            ['at' => 55 * $day, 'minor' => 2495],
        ];
        self::assertSame(2095, WasPrice::lowest($history, 60 * $day));
        self::assertSame(
            900,
            WasPrice::lowest($history, 30 * $day),
            'in force within the 30 days, though asked before',
        );
        self::assertNull(WasPrice::lowest([], 60 * $day));
        self::assertSame(2495, WasPrice::lowest($history, 45 * $day));
    }

    #[TestWith([null, '0.79', 200, '0.79'])]
    #[TestWith(['0.79', '0.8058', 200, '0.79'], 'moved by 2% to the dot')]
    #[TestWith(['0.79', '0.8059', 200, '0.8059'])]
    #[TestWith(['0.79', '0.7741', 200, '0.7741'])]
    #[TestWith(['0.79', '0.79001', 0, '0.79001'])]
    public function test_a_rate_stays_until_it_moved_too_far(
        ?string $frozen,
        string $today,
        int $tolerance,
        string $held,
    ): void {
        self::assertSame($held, FrozenRate::hold($frozen, $today, $tolerance));
    }

    public function test_the_curve_rises_through_break_even_and_floor_and_holds_the_prices_asked(): void
    {
        $curve = KeepCurve::of(
            Landed::of(Money::gbp(500), Money::gbp(300)),
            Terms::simple(),
            Floor::margin(Rate::bp(1500)),
            [Money::gbp(1895), Money::gbp(2499)],
        );
        $at = static fn (int $price): array => array_values(
            array_filter($curve->points, static fn (array $p): bool => $p['price']->minor === $price),
        )[0];
        self::assertNotNull($curve->breakEven);
        self::assertNotNull($curve->floor);
        self::assertSame(0, $at($curve->breakEven->minor)['keep']->minor);
        self::assertGreaterThanOrEqual(1500, $at($curve->floor->minor)['marginBp']);
        self::assertSame(Terms::simple()->keep(1895, 800)[0], $at(1895)['keep']->minor);
        self::assertLessThan(200, count($curve->points));
        $prices = array_map(static fn (array $p): int => $p['price']->minor, $curve->points);
        self::assertGreaterThan(2499, end($prices));
    }

    public function test_a_border_says_how_far_prices_lie_apart_where_one_recipe_takes_over(): void
    {
        $little = new RuledRecipe(1, 'Little things', new Conditions(costTo: 350), Recipe::plain(1_500_000, new Ending(50)));
        $rest = new RuledRecipe(2, 'Everything else', new Conditions(), Recipe::plain(2_500_000, new Ending(95)));
        $book = new RecipeBook([$little, $rest]);
        $like = new PricedGoods(7, '', [], 300, 200, 'GB');
        $sent = Landed::of(Money::gbp(300), Money::gbp(200));
        $border = $book->border(350, $like, $sent, Terms::simple());
        // Landed 5.50 × 1.5 = 8.25, up to 8.50; landed 5.51 × 2.5 = 13.775, up to 13.95.
        self::assertSame([350, 850, 1395, 545], [
            $border?->at->minor,
            $border?->below->minor,
            $border?->above->minor,
            $border?->jump(),
        ]);
        self::assertSame(['Little things', 'Everything else'], [$border?->lower->name, $border?->upper->name]);
        self::assertNull($book->border(200, $like, $sent, Terms::simple()), 'one recipe prices both');
        self::assertNull(
            (new RecipeBook([new RuledRecipe(3, 'All', new Conditions(suppliers: [7]), $little->recipe), $little, $rest]))
                ->border(350, $like, $sent, Terms::simple()),
            'a recipe before both takes such goods whatever they cost',
        );
    }

    public function test_a_trial_counts_what_moves_because_another_recipe_prices_it(): void
    {
        $tally = new TrialTally();
        $priced = static fn (int $price, int $recipe): PricedOnce => new PricedOnce($price, 0, 0, false, $recipe, 340);
        $tally->add(1, $priced(850, 1), $priced(1495, 2), 0);
        $tally->add(2, $priced(850, 1), $priced(900, 1), 0);
        $tally->add(3, $priced(850, 0), $priced(900, 2), 0);
        $tally->add(4, $priced(850, 1), $priced(850, 2), 0);
        self::assertSame(1, $tally->crossed, 'of those that move, and not by hand');
        self::assertSame([1, 2, 340], [
            $tally->biggest()[0]['from'],
            $tally->biggest()[0]['to'],
            $tally->biggest()[0]['goods'],
        ]);
    }

    public function test_a_trial_adds_up_what_would_move(): void
    {
        $tally = new TrialTally();
        $tally->add(1, new PricedOnce(1000, 200, 2400, false), new PricedOnce(1200, 360, 3600, false), 10);
        $tally->add(2, new PricedOnce(2000, 300, 1800, false), new PricedOnce(1900, -20, -100, true), 3);
        $tally->add(3, new PricedOnce(500, 100, 2400, false), new PricedOnce(500, 100, 2400, false), 0);
        $tally->add(4, new PricedOnce(500, 100, 2400, true), new PricedOnce(null, null, null, true), 0);
        self::assertSame(
            [4, 1, 1, 1, 2, 1, 1],
            [
                $tally->variants,
                $tally->up,
                $tally->down,
                $tally->underBefore,
                $tally->underAfter,
                $tally->fallen,
                $tally->unpriced,
            ],
        );
        self::assertSame([2900, 3540], [$tally->keptBefore, $tally->keptAfter]);
        self::assertSame([1, 2], array_column($tally->biggest(), 'variant'));
        self::assertSame([0, 0, 0, 0, 1, 3], array_slice($tally->before, 0, 6));
        self::assertSame([1, 0, 0, 0, 0, 1, 0, 0, 1], array_slice($tally->after, 0, 9));
    }

    public function test_among_many_moves_the_biggest_are_kept(): void
    {
        $tally = new TrialTally();
        for ($n = 1; $n <= 1000; $n++) {
            $tally->add(
                $n,
                new PricedOnce(10_000, 0, 0, false),
                new PricedOnce(10_000 + (($n * 7919) % 1009), 0, 0, false),
                0,
            );
        }
        $moves = array_column($tally->biggest(), 'movedBp');
        self::assertCount(TrialTally::BIGGEST, $moves);
        $all = array_map(static fn (int $n): int => ($n * 7919) % 1009, range(1, 1000));
        rsort($all);
        self::assertSame(array_slice($all, 0, TrialTally::BIGGEST), $moves);
    }

    /** @return array<string, array{Conditions, bool}> whether they hold for goods of 4.00 and 500 g */
    public static function conditions(): array
    {
        return [
            'none' => [new Conditions(), true],
            'a cost from less' => [new Conditions(costFrom: 399), true],
            'a cost from as much' => [new Conditions(costFrom: 400), true],
            'a cost from more' => [new Conditions(costFrom: 401), false],
            'a cost to less' => [new Conditions(costTo: 399), false],
            'a cost to as much' => [new Conditions(costTo: 400), true],
            'a weight from as much' => [new Conditions(gramsFrom: 500), true],
            'a weight from more' => [new Conditions(gramsFrom: 501), false],
            'a weight to as much' => [new Conditions(gramsTo: 500), true],
            'a weight to less' => [new Conditions(gramsTo: 499), false],
            'a weight within' => [new Conditions(gramsFrom: 400, gramsTo: 600), true],
            'another supplier' => [new Conditions(suppliers: [8]), false],
            'one of two suppliers' => [new Conditions(suppliers: [8, 7]), true],
            'another market' => [new Conditions(markets: ['IE']), false],
            'a tag in other letters' => [new Conditions(tags: ['GIFTS']), true],
            'no such tag' => [new Conditions(tags: ['gift']), false],
            'a type in other letters' => [new Conditions(types: ['POT']), true],
            'another method' => [new Conditions(methods: ['stitch']), false],
            'one that holds and one that doesn’t' => [new Conditions(costFrom: 400, gramsTo: 100), false],
        ];
    }

    #[DataProvider('conditions')]
    public function test_a_condition_holds_up_to_its_very_end(Conditions $conditions, bool $hold): void
    {
        self::assertSame($hold, $conditions->hold(new PricedGoods(7, 'Pot', ['gifts'], 400, 500, 'GB', ['transfer'])));
    }

    public function test_free_delivery_needs_orders_a_charge_and_something_sold(): void
    {
        $order = ['goods' => 2000, 'landed' => 500];
        $asks = Terms::simple('GBP', 295);
        self::assertNull(FreeDelivery::over([$order], Terms::simple(), 500), 'nothing is charged');
        self::assertNull(FreeDelivery::over([['goods' => 0, 'landed' => 500]], $asks, 500), 'nothing was sold');
        self::assertNull(FreeDelivery::over([], $asks, 500));
        $proposal = FreeDelivery::over([$order], $asks, 500);
        self::assertSame([2500, 0], [$proposal?->over->minor, $proposal?->above]);
        $full = FreeDelivery::over([$order, ['goods' => 2500, 'landed' => 625], ['goods' => 1500, 'landed' => 375]], $asks, 500);
        self::assertSame([2500, 1], [$full?->over->minor, $full?->above], 'an order of the very value is over it');
    }

    public function test_free_delivery_begins_above_the_usual_basket_by_a_step_at_least(): void
    {
        // A charge of a penny is made up for at once; the usual basket itself is never proposed.
        $proposal = FreeDelivery::over([['goods' => 2000, 'landed' => 100]], Terms::simple('GBP', 1), 1);
        self::assertSame(2001, $proposal?->over->minor);
        $round = FreeDelivery::over([['goods' => 2000, 'landed' => 100]], Terms::simple('GBP', 1), 500);
        self::assertSame(2500, $round?->over->minor);
    }

    public function test_a_price_counts_for_the_thirty_days_from_when_it_began_until_it_ended(): void
    {
        $day = 86_400;
        $prices = static fn (int $began, int $ended): array => [
            ['at' => $began, 'minor' => 500], ['at' => $ended, 'minor' => 900],
        ];
        self::assertSame(900, WasPrice::lowest($prices(0, 30 * $day), 60 * $day), 'it ended as the thirty days began');
        self::assertSame(500, WasPrice::lowest($prices(0, 30 * $day + 1), 60 * $day));
        self::assertSame(500, WasPrice::lowest($prices(0, 60 * $day), 60 * $day), 'the price now is none of them');
        self::assertNull(WasPrice::lowest([['at' => 60 * $day, 'minor' => 500]], 60 * $day));
        self::assertSame(500, WasPrice::lowest([['at' => 60 * $day - 1, 'minor' => 500]], 60 * $day));
    }

    #[TestWith([100, 100, false])]
    #[TestWith([99, 100, true])]
    #[TestWith([0, null, false], 'without a floor only a loss is under it')]
    #[TestWith([-1, null, true])]
    #[TestWith([null, 100, false], 'what has no price is under nothing')]
    public function test_under_the_floor(?int $keep, ?int $least, bool $under): void
    {
        $price = new VariantPrice(1, null, null, null, null, PricedBy::Recipe, 1, $keep, null, $least, false);
        self::assertSame($under, $price->underFloor());
        self::assertSame($under, $price->once()->underFloor);
    }
}
