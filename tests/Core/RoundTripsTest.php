<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Drift\Guards\Guard;
use WindowStall\Core\Drift\Guards\GuardLimits;
use WindowStall\Core\Drift\Guards\Suspicion;
use WindowStall\Core\Drift\Guards\Weighed;
use WindowStall\Core\Drift\Rehearsal\Outcome;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Recipe\Basis;
use WindowStall\Core\Pricing\Recipe\Cap;
use WindowStall\Core\Pricing\Recipe\Ending;
use WindowStall\Core\Pricing\Recipe\Fields;
use WindowStall\Core\Pricing\Recipe\Floor;
use WindowStall\Core\Pricing\Recipe\Recipe;
use WindowStall\Core\Pricing\Recipe\RecipeNotation;
use WindowStall\Core\Pricing\Recipe\Step;
use WindowStall\Core\Pricing\Recipe\Toward;
use WindowStall\Core\Source\Blank;
use WindowStall\Core\Source\PrintArea;
use WindowStall\Core\Source\PrintMethod;

/** What is written down and read again is what it was, for whatever there can be. */
final class RoundTripsTest extends TestCase
{
    private const CURRENCIES = ['GBP', 'JPY', 'KWD'];

    protected function setUp(): void
    {
        mt_srand(2026);
    }

    public function test_any_recipe_is_read_back_as_it_was_written(): void
    {
        for ($n = 0; $n < 600; $n++) {
            $currency = Currency::of(self::CURRENCIES[$n % 3]);
            $recipe = self::recipe($currency);
            $written = RecipeNotation::write($recipe, $currency);
            $fields = new Fields((array) json_decode((string) json_encode($written), true));
            self::assertEquals($recipe, RecipeNotation::read($fields, $currency), (string) json_encode($written));
            self::assertSame([], $fields->problems());
        }
    }

    public function test_a_recipe_with_one_thing_wrong_names_that_thing(): void
    {
        $currency = Currency::of('GBP');
        $good = RecipeNotation::write(Recipe::plain(2_400_000, new Ending(95)), $currency);
        $spoilt = [
            'basis' => ['basis' => 'weight'],
            'steps' => ['steps' => []],
            'steps.0' => ['steps' => [['factor' => '2', 'add' => '1']]],
            'steps.0.factor' => ['steps' => [['factor' => 'lots']]],
            'steps.0.margin' => ['steps' => [['margin' => '1.2']]],
            'steps.0.keep' => ['steps' => [['keep' => '1,2']]],
            'ending.part' => ['ending' => ['part' => '7', 'direction' => 'up']],
            'floor' => ['floor' => ['margin' => '0.1', 'keep' => '2']],
            'cap' => ['cap' => 'low'],
        ];
        foreach ($spoilt as $where => $with) {
            $fields = new Fields($with + $good);
            RecipeNotation::read($fields, $currency);
            self::assertNotSame([], $fields->problems(), $where);
            $place = explode('.', $where)[0];
            self::assertNotSame([], preg_grep('/^'.$place.'\b/', array_keys($fields->problems())) ?: [], $where);
            foreach ($fields->problems() as $sentence) {
                self::assertMatchesRegularExpression('/^\S.*[.)]$/su', $sentence);
            }
        }
    }

    public function test_what_a_pull_weighs_is_kept_and_weighed_again_the_same(): void
    {
        for ($n = 0; $n < 300; $n++) {
            $weighed = new Weighed(...array_map(static fn (): int => mt_rand(0, 400), range(1, 11)));
            $kept = (array) json_decode((string) json_encode($weighed->toArray()), true);
            self::assertEquals($weighed, Weighed::from($kept));
            $limits = new GuardLimits();
            self::assertEquals($weighed->trips($limits), Weighed::from($kept)->trips($limits));
        }
        self::assertEquals(
            new Weighed(0, 0, 0, 0, 0),
            Weighed::from(['goods' => 'many', 'met' => -4, 'variants' => 1.5]),
            'what isn’t a count is nought',
        );
    }

    public function test_every_trip_has_a_sentence_with_its_figures(): void
    {
        $all = new Weighed(
            goods: 100,
            missing: 90,
            met: 10,
            variants: 200,
            inStock: 150,
            emptied: 140,
            halved: 190,
            currencies: 3,
            larger: 0,
            smaller: 0,
            moved: 50,
        );
        $trips = $all->trips(new GuardLimits());
        self::assertGreaterThanOrEqual(5, count($trips));
        foreach ($trips as [$guard, $count, $of, $sentence]) {
            self::assertInstanceOf(Guard::class, $guard);
            self::assertStringContainsString((string) $count, $sentence);
            self::assertLessThanOrEqual($of, $count);
            self::assertStringEndsWith('.', $sentence);
        }
        self::assertSame([], (new Weighed(0, 0, 0, 0, 0))->trips(new GuardLimits()), 'a first pull has nothing to lose');
        [$nothing] = (new Weighed(10, 10, 0, 10, 10))->trips(new GuardLimits());
        self::assertSame(Guard::Empty, $nothing[0]);
        self::assertEquals(
            ['guard' => Guard::Empty->value, 'words' => 'Nothing came.', 'count' => 1, 'of' => 2, 'samples' => ['a']],
            (new Suspicion(Guard::Empty, 'Nothing came.', 1, 2, ['a']))->toArray(),
        );
    }

    public function test_outcomes_add_up_and_are_kept(): void
    {
        $outcome = static fn (): Outcome => new Outcome(...array_map(static fn (): int => mt_rand(-50, 500), range(1, 8)));
        for ($n = 0; $n < 100; $n++) {
            [$one, $other] = [$outcome(), $outcome()];
            $sum = Outcome::from($one->toArray());
            $sum->add($other);
            foreach ($sum->toArray() as $figure => $value) {
                self::assertSame($one->toArray()[$figure] + $other->toArray()[$figure], $value, $figure);
            }
            self::assertEquals($sum, Outcome::from((array) json_decode((string) json_encode($sum->toArray()), true)));
        }
        self::assertEquals(new Outcome(), Outcome::from(['asked' => '3', 'sold' => null]));
    }

    public function test_a_blank_is_kept_with_its_areas_and_methods(): void
    {
        $blank = new Blank(
            [new PrintArea('front', 'Front', 300, 400), new PrintArea('back', 'Back', 300, 420)],
            [
                new PrintMethod('screen', 'Screen', Money::gbp(420), Money::gbp(180), ['front', 'back']),
                new PrintMethod('thread', 'Stitched', Money::gbp(690), Money::gbp(690), ['front']),
            ],
        );
        $kept = (array) json_decode((string) json_encode($blank->toArray()), true);
        /**
         * @var array{
         *     areas: list<array{code: string, name: string, width: int, height: int}>,
         *     methods: list<array{code: string, name: string, first: int, further: int, areas: list<string>}>,
         * } $kept
         */
        self::assertEquals($blank, Blank::fromArray($kept, 'GBP'));
    }

    private static function recipe(Currency $currency): Recipe
    {
        $unit = $currency->minorPerUnit();
        $money = static fn (int $least, int $most): Money => new Money(mt_rand($least, $most), $currency);
        $step = static fn (?Money $upTo): Step => match (mt_rand(0, 3)) {
            0 => Step::factor(mt_rand(1_000, 9_999) * 1_000, $upTo),
            1 => Step::add($money(-5 * $unit, 40 * $unit), $upTo),
            2 => Step::margin(Rate::bp(mt_rand(1, 9_000)), $upTo),
            default => Step::keep($money(1, 30 * $unit), $upTo),
        };
        $below = [];
        for ($n = mt_rand(0, 3), $upTo = 0; $n > 0; $n--) {
            $upTo += mt_rand(1, 50 * $unit);
            $below[] = $step(new Money($upTo, $currency));
        }

        return new Recipe(
            Basis::cases()[mt_rand(0, count(Basis::cases()) - 1)],
            [...$below, $step(null)],
            $unit > 1 && mt_rand(0, 1) === 1 ? new Ending(mt_rand(0, $unit - 1), null, Toward::cases()[mt_rand(0, 1)]) : null,
            match (mt_rand(0, 2)) {
                0 => null,
                1 => Floor::margin(Rate::bp(mt_rand(1, 9_000))),
                default => Floor::keep($money(1, 20 * $unit)),
            },
            match (mt_rand(0, 2)) {
                0 => null,
                1 => Cap::rrp(),
                default => Cap::at($money(1, 500 * $unit)),
            },
        );
    }
}
