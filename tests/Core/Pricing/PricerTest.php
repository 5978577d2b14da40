<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Pricing;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Landing\Cost;
use WindowStall\Core\Landing\Duty;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\ExchangeRate;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Money\Rates;
use WindowStall\Core\Pricing\Listing\AcrossVariants;
use WindowStall\Core\Pricing\Listing\PricedBy;
use WindowStall\Core\Pricing\Listing\Pricer;
use WindowStall\Core\Pricing\Listing\PriceSpread;
use WindowStall\Core\Pricing\Listing\VariantFacts;
use WindowStall\Core\Pricing\Recipe\Basis;
use WindowStall\Core\Pricing\Recipe\BulkStep;
use WindowStall\Core\Pricing\Recipe\Cap;
use WindowStall\Core\Pricing\Recipe\Conditions;
use WindowStall\Core\Pricing\Recipe\Ending;
use WindowStall\Core\Pricing\Recipe\Floor;
use WindowStall\Core\Pricing\Recipe\PricedGoods;
use WindowStall\Core\Pricing\Recipe\Recipe;
use WindowStall\Core\Pricing\Recipe\RecipeBook;
use WindowStall\Core\Pricing\Recipe\RecipeFacts;
use WindowStall\Core\Pricing\Recipe\RuledRecipe;
use WindowStall\Core\Pricing\Recipe\Step;

/** A listing's variants priced together, at home and abroad. */
final class PricerTest extends TestCase
{
    public function test_each_by_its_recipe_a_hand_above_all_and_what_is_not_delivered_has_none(): void
    {
        $prices = $this->pricer()->listing(
            [$this->facts(1, 500), $this->facts(2, 900, hand: 1500), $this->facts(3, null)],
            new PriceSpread(AcrossVariants::Each),
        );
        self::assertSame([1595, 1500, null], array_map(static fn ($p): ?int => $p->price?->minor, $prices));
        self::assertSame(
            [1595, 2395, null],
            array_map(static fn ($p): ?int => $p->recipePrice?->minor, $prices),
            '(5.00 + 1.50) × 2.4 = 15.60; (9.00 + 1.50) × 2.2',
        );
        self::assertSame(
            [PricedBy::Recipe, PricedBy::Hand, PricedBy::Recipe],
            array_map(static fn ($p): PricedBy => $p->by, $prices),
        );
        self::assertSame([1, 2, 1], array_map(static fn ($p): int => $p->recipe, $prices));
        [$keep] = Terms::simple()->keep(1500, 1050);
        self::assertSame(
            [$keep, true],
            [$prices[1]->keep, $prices[1]->underFloor()],
            'a margin of 15% isn’t kept at 15.00',
        );
    }

    public function test_one_price_for_all_is_the_dearest_and_says_who_decided(): void
    {
        $prices = $this->pricer()->listing([$this->facts(1, 500), $this->facts(2, 900)], new PriceSpread(AcrossVariants::One));
        self::assertSame(
            [[2395, PricedBy::Together], [2395, PricedBy::Recipe]],
            array_map(static fn ($p): array => [$p->price?->minor, $p->by], $prices),
        );
        self::assertGreaterThan($prices[1]->keep, $prices[0]->keep);
    }

    public function test_a_price_stands_on_its_own_rate_and_its_keep_on_the_days(): void
    {
        $usd = static fn (string $rate): Rates => new Rates(Currency::of('GBP'), [
            'USD' => ExchangeRate::of(Currency::of('USD'), Currency::of('GBP'), $rate, 0, ''),
        ]);
        $cost = new Cost(Money::of(1000, 'USD'), Money::of(0, 'USD'), Money::of(0, 'USD'), Duty::none(), Money::gbp(0));
        $pricer = new Pricer(Terms::simple(), $this->book(), $usd('0.82'));
        [$price] = $pricer->listing(
            [new VariantFacts(1, new RecipeFacts($cost, new PricedGoods(1, '', [], 800, 100, 'GB'), $usd('0.80')))],
            new PriceSpread(AcrossVariants::Each),
        );
        self::assertSame(
            [1795, 820],
            [$price->price?->minor, $price->landed?->total->minor],
            '8.00 × 2.2 = 17.60 → 17.95 at the frozen rate, 8.20 landed today',
        );
        self::assertSame(Terms::simple()->keep(1795, 820)[0], $price->keep);
    }

    public function test_abroad_a_price_is_shown_in_its_currency_with_its_own_ending_and_kept_as_what_that_is_worth(): void
    {
        $back = ExchangeRate::of(Currency::of('EUR'), Currency::of('GBP'), '0.86', 0, '');
        $into = ExchangeRate::of(Currency::of('GBP'), Currency::of('EUR'), '1.1628', 0, '');
        $pricer = new Pricer(Terms::simple(), $this->book(), new Rates(Currency::of('GBP')), new Ending(95), $back);
        [$price] = $pricer->listing(
            [
                new VariantFacts(
                    1,
                    new RecipeFacts(
                        $this->cost(500),
                        new PricedGoods(1, '', [], 500, 100, 'IE'),
                        $pricer->today,
                        follows: Money::gbp(1595),
                    ),
                    shownBy: $into,
                ),
            ],
            new PriceSpread(AcrossVariants::Each),
        );
        // 15.95 × 1.1628 = 18.55 → 18.95 EUR, worth 16.30
        self::assertEquals(
            [Money::of(1895, 'EUR'), Money::gbp(1630), PricedBy::Conversion],
            [$price->shown, $price->price, $price->by],
        );
        self::assertSame(Terms::simple()->keep(1630, 650)[0], $price->keep);
    }

    public function test_margin_and_floor_are_of_what_comes_in(): void
    {
        [$price] = $this->pricer()->listing([$this->facts(1, 500)], new PriceSpread(AcrossVariants::Each));
        // 15.95 with 2.66 tax in it; 6.50 landed, 0.44 for the payment; 15% of 13.29 are 1.9935.
        self::assertSame([635, 4778, 200, false], [$price->keep, $price->marginBp, $price->least, $price->underFloor()]);
        [$given] = $this->pricer()->listing([$this->facts(1, 500, hand: 0)], new PriceSpread(AcrossVariants::Each));
        self::assertSame([-670, null, 0, true], [$given->keep, $given->marginBp, $given->least, $given->underFloor()]);
        self::assertFalse($given->floorOverCap);
    }

    public function test_a_trial_is_told_which_of_the_stall_s_recipes_makes_a_price(): void
    {
        $prices = $this->pricer()->listing(
            [$this->facts(1, 500), $this->facts(2, 900), $this->facts(3, 500, hand: 1500), $this->facts(4, null)],
            new PriceSpread(AcrossVariants::Each),
        );
        $once = array_map(static fn ($p): array => [$p->once()->price, $p->once()->recipe, $p->once()->goods], $prices);
        self::assertSame([[1595, 1, 500], [2395, 2, 900], [1500, 0, 500], [null, 1, null]], $once);
    }

    public function test_without_a_floor_none_is_asked_for(): void
    {
        $own = new Recipe(Basis::Landed, [Step::factor(2_000_000)]);
        $from = new RecipeFacts($this->cost(500), new PricedGoods(1, '', [], 500, 100, 'GB'), $this->pricer()->today, own: $own);
        [$price] = $this->pricer()->listing([new VariantFacts(1, $from)], new PriceSpread(AcrossVariants::Each));
        self::assertSame([1300, PricedBy::OwnRecipe, 0, null], [$price->price?->minor, $price->by, $price->recipe, $price->least]);
        self::assertFalse($price->underFloor() || $price->floorOverCap);
    }

    public function test_prices_step_by_the_value_each_variant_has(): void
    {
        $facts = static fn (VariantFacts $of, string $step): VariantFacts => new VariantFacts($of->id, $of->from, $of->hand, step: $step);
        $prices = $this->pricer()->listing(
            [
                $facts($this->facts(1, 300), 'S'), $facts($this->facts(2, 500), 'M'),
                $facts($this->facts(3, 900), 'XL'), $facts($this->facts(4, null), 'S'),
            ],
            new PriceSpread(AcrossVariants::Stepped, 'Size', [['S', 'M']]),
        );
        self::assertSame([1595, 1595, 2395, null], array_map(static fn ($p): ?int => $p->price?->minor, $prices));
        self::assertSame(
            [PricedBy::Together, PricedBy::Recipe, PricedBy::Recipe, PricedBy::Recipe],
            array_map(static fn ($p): PricedBy => $p->by, $prices),
        );
    }

    public function test_what_is_not_delivered_follows_no_price(): void
    {
        $from = new RecipeFacts(null, new PricedGoods(1, '', [], 500, 100, 'IE'), $this->pricer()->today, follows: Money::gbp(1595));
        [$price] = $this->pricer()->listing([new VariantFacts(1, $from)], new PriceSpread(AcrossVariants::Each));
        self::assertSame([null, null, null, null, null, false], [
            $price->price, $price->shown, $price->landed, $price->keep, $price->least, $price->floorOverCap,
        ]);
    }

    public function test_a_price_by_hand_stands_where_nothing_is_delivered_and_keeps_nothing(): void
    {
        [$price] = $this->pricer()->listing([$this->facts(1, null, hand: 1200)], new PriceSpread(AcrossVariants::Each));
        self::assertSame([1200, 1200, null, PricedBy::Hand], [
            $price->price?->minor, $price->shown?->minor, $price->keep, $price->by,
        ]);
    }

    public function test_a_price_that_follows_in_the_same_currency_gets_the_ending_there(): void
    {
        $pricer = new Pricer(Terms::simple(), $this->book(), new Rates(Currency::of('GBP')), new Ending(50));
        $goods = new PricedGoods(1, '', [], 500, 100, 'IM');
        $follows = new RecipeFacts($this->cost(500), $goods, $pricer->today, follows: Money::gbp(1595));
        $recipe = new RecipeFacts($this->cost(500), $goods, $pricer->today);
        $prices = $pricer->listing([new VariantFacts(1, $follows), new VariantFacts(2, $recipe)], new PriceSpread(AcrossVariants::Each));
        self::assertSame([1650, 1595], array_map(static fn ($p): ?int => $p->shown?->minor, $prices));
        self::assertSame([1650, 1595], array_map(static fn ($p): ?int => $p->price?->minor, $prices));
    }

    public function test_a_recipe_s_own_price_abroad_is_shown_there_and_worth_what_comes_back(): void
    {
        $back = ExchangeRate::of(Currency::of('EUR'), Currency::of('GBP'), '0.86', 0, '');
        $into = ExchangeRate::of(Currency::of('GBP'), Currency::of('EUR'), '1.1628', 0, '');
        $pricer = new Pricer(Terms::simple(), $this->book(), new Rates(Currency::of('GBP')), null, $back);
        $from = new RecipeFacts($this->cost(500), new PricedGoods(1, '', [], 500, 100, 'IE'), $pricer->today);
        [$price] = $pricer->listing([new VariantFacts(1, $from, shownBy: $into)], new PriceSpread(AcrossVariants::Each));
        // 15.95 × 1.1628 = 18.5467, worth 15.953
        self::assertEquals([Money::of(1855, 'EUR'), Money::gbp(1595), PricedBy::Recipe], [$price->shown, $price->price, $price->by]);
    }

    public function test_a_cap_under_the_floor_is_carried_on(): void
    {
        $capped = new Recipe(Basis::Landed, [Step::factor(2_000_000)], null, Floor::margin(Rate::bp(3000)), Cap::rrp());
        [$price] = $this->pricer()->listing(
            [
                new VariantFacts(
                    1,
                    new RecipeFacts(
                        $this->cost(500),
                        new PricedGoods(1, '', [], 500, 100, 'GB'),
                        $this->pricer()->today,
                        Money::gbp(800),
                        $capped,
                    ),
                ),
            ],
            new PriceSpread(AcrossVariants::Each),
        );
        self::assertTrue($price->floorOverCap && $price->underFloor());
        self::assertSame([800, PricedBy::OwnRecipe], [$price->price?->minor, $price->by]);
    }

    public function test_one_step_from_the_price_now(): void
    {
        $landed = $this->cost(500)->landed(1, $this->pricer()->today);
        $by = static fn (BulkStep $step): ?int => $step->price(Money::gbp(1595), $landed, Terms::simple())?->minor;
        self::assertSame(
            [1675, 1695, 1645, 1595, 1600],
            [
                $by(new BulkStep(Step::factor(1_050_000))),
                $by(new BulkStep(Step::factor(1_050_000), new Ending(95))),
                $by(new BulkStep(Step::add(Money::gbp(50)))),
                $by(new BulkStep(null, new Ending(95))),
                $by(new BulkStep(null, new Ending(0))),
            ],
        );
        self::assertNull($by(new BulkStep(Step::add(Money::gbp(-2000)))));
        self::assertNull($by(new BulkStep(Step::margin(Rate::bp(9900)))));
    }

    private function pricer(): Pricer
    {
        return new Pricer(Terms::simple(), $this->book(), new Rates(Currency::of('GBP')));
    }

    private function book(): RecipeBook
    {
        $recipe = static fn (int $factor): Recipe => Recipe::plain(
            $factor,
            new Ending(95),
            Floor::margin(Rate::bp(1500)),
        );

        return new RecipeBook([
            new RuledRecipe(1, 'Cheap', new Conditions(costTo: 600), $recipe(2_400_000)),
            new RuledRecipe(2, 'Else', new Conditions(), $recipe(2_200_000)),
        ]);
    }

    private function cost(int $unit): Cost
    {
        return new Cost(Money::gbp($unit), Money::gbp(150), Money::gbp(50), Duty::none(), Money::gbp(0));
    }

    private function facts(int $id, ?int $unit, ?int $hand = null): VariantFacts
    {
        return new VariantFacts(
            $id,
            new RecipeFacts(
                $unit === null ? null : $this->cost($unit),
                new PricedGoods(1, '', [], $unit ?? 0, 100, 'GB'),
                new Rates(Currency::of('GBP')),
            ),
            hand: $hand === null ? null : Money::gbp($hand),
        );
    }
}
