<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Pricing;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Pricing\Recipe\Fields;
use WindowStall\Core\Pricing\Recipe\RecipeNotation;

/** How recipes are written down. */
final class RecipeNotationTest extends TestCase
{
    #[TestWith([20, []])]
    #[TestWith([21, ['steps' => 'A recipe has a list of 1 to 20 steps.']])]
    #[TestWith([0, ['steps' => 'A recipe has a list of 1 to 20 steps.']])]
    public function test_how_many_steps_there_may_be(int $many, mixed $said): void
    {
        $steps = array_map(
            static fn (int $n): array => ['factor' => '2'] + ($n === $many ? [] : ['up_to' => $n.'.00']),
            $many === 0 ? [] : range(1, $many),
        );
        $fields = new Fields(['basis' => 'landed', 'steps' => $steps]);
        $recipe = RecipeNotation::read($fields, Currency::of('GBP'));
        self::assertSame($said, $fields->problems());
        self::assertCount($said === [] ? $many : 1, $recipe->steps);
    }

    #[TestWith([['ending' => ['part' => '1.00']], 'Prices in GBP can’t end in 100: the part below the whole unit goes up to 99.'])]
    #[TestWith([['ending' => ['part' => '0.50', 'every' => '0.50']], 'The part is less than the step it comes every.'])]
    #[TestWith([['floor' => ['margin' => '0.1', 'keep' => '1.00']], 'A floor has either "margin" or "keep".'])]
    #[TestWith([['steps' => [['factor' => '2', 'add' => '1.00']]], 'A step has one of "factor", "add", "margin" and "keep".'])]
    public function test_what_is_said_of_a_mistake(mixed $other, string $said): void
    {
        self::assertIsArray($other);
        $fields = new Fields($other + ['steps' => [['factor' => '2']]]);
        RecipeNotation::read($fields, Currency::of('GBP'));
        self::assertSame([$said], array_values($fields->problems()));
    }

    public function test_an_ending_without_a_part_is_a_whole_one_upwards(): void
    {
        $gbp = Currency::of('GBP');
        $fields = new Fields(['steps' => [['factor' => '2']], 'ending' => ['every' => '0.50']]);
        $written = RecipeNotation::write(RecipeNotation::read($fields, $gbp), $gbp);
        self::assertSame(['part' => '0.00', 'every' => '0.50', 'direction' => 'up'], $written['ending']);
        self::assertSame('landed', $written['basis']);
        $written = RecipeNotation::write(RecipeNotation::read(new Fields(['steps' => [['factor' => '2']], 'ending' => ['part' => '0.99']]), $gbp), $gbp);
        self::assertSame(['part' => '0.99', 'direction' => 'up'], $written['ending']);
    }

    #[TestWith([2_400_000, '2.4'])]
    #[TestWith([10_000_000, '10'])]
    #[TestWith([1, '0.000001'])]
    #[TestWith([0, '0'])]
    #[TestWith([999_999, '0.999999'])]
    public function test_millionths_as_a_decimal(int $millionths, string $decimal): void
    {
        self::assertSame($decimal, RecipeNotation::decimal($millionths));
    }

    private const WRITTEN = [
        'basis' => 'goods',
        'steps' => [
            ['up_to' => '5.00', 'factor' => '3.2'],
            ['up_to' => '20.00', 'add' => '-1.50'],
            ['up_to' => '50.00', 'margin' => '0.3'],
            ['keep' => '4.00'],
        ],
        'ending' => ['part' => '0.25', 'every' => '0.50', 'direction' => 'nearest'],
        'floor' => ['keep' => '2.00'],
        'cap' => 'rrp',
    ];

    public function test_what_is_read_is_written_back_the_same(): void
    {
        $gbp = Currency::of('GBP');
        $fields = new Fields(self::WRITTEN);
        self::assertSame(self::WRITTEN, RecipeNotation::write(RecipeNotation::read($fields, $gbp), $gbp));
        self::assertSame([], $fields->problems());
        $short = [
            'basis' => 'landed',
            'steps' => [['factor' => '2']],
            'ending' => null,
            'floor' => ['margin' => '0.125'],
            'cap' => '19.99',
        ];
        self::assertSame($short, RecipeNotation::write(RecipeNotation::read(new Fields($short), $gbp), $gbp));
    }

    public function test_currencies_with_none_and_three_decimals(): void
    {
        $yen = Currency::of('JPY');
        $written = [
            'basis' => 'landed',
            'steps' => [['up_to' => '800', 'factor' => '3'], ['add' => '500']],
            'ending' => ['part' => '80', 'every' => '100', 'direction' => 'up'],
            'floor' => null,
            'cap' => null,
        ];
        self::assertSame($written, RecipeNotation::write(RecipeNotation::read(new Fields($written), $yen), $yen));
        $fields = new Fields(['steps' => [['add' => '1.2345']]]);
        RecipeNotation::read($fields, Currency::of('KWD'));
        self::assertSame(['steps.0.add'], array_keys($fields->problems()));
    }

    #[TestWith([['basis' => 'retail'], 'basis'])]
    #[TestWith([['steps' => 'double'], 'steps'])]
    #[TestWith([['steps' => [[]]], 'steps.0'])]
    #[TestWith([['steps' => [['factor' => '2.12345678']]], 'steps.0.factor'])]
    #[TestWith([['steps' => [['margin' => '1.5']]], 'steps.0.margin'])]
    #[TestWith([['steps' => [['keep' => '-1.00']]], 'steps.0.keep'])]
    #[TestWith([['steps' => [['up_to' => '5.00', 'factor' => '2']]], 'steps'], 'nothing for all above')]
    #[TestWith([['ending' => ['part' => '0.60', 'every' => '0.50']], 'ending.part'])]
    #[TestWith([['floor' => []], 'floor'])]
    #[TestWith([['floor' => ['least' => '1']], 'floor'])]
    #[TestWith([['cap' => 'much'], 'cap'])]
    public function test_each_mistake_has_its_path(mixed $other, string $path): void
    {
        self::assertIsArray($other);
        $fields = new Fields($other + ['steps' => [['factor' => '2']]]);
        RecipeNotation::read($fields, Currency::of('GBP'));
        self::assertSame([$path], array_keys($fields->problems()));
    }
}
