<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Source;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\ProductGroup;
use WindowStall\Core\Source\ProductGroups;
use WindowStall\Core\Source\ValueWords;
use WindowStall\Core\Source\Variant;

final class ProductGroupsTest extends TestCase
{
    public function test_five_products_in_one_item_are_told_apart_and_keep_their_sizes(): void
    {
        $rows = [];
        foreach (
            [
                'STYLE A Trowel' => 520,
                'STYLE B Gloves' => 710,
                'STYLE C Twine' => 160,
                'STYLE D Snips' => 380,
                'STYLE E Dibber' => 580,
            ] as $style => $cost
        ) {
            foreach (['S', 'L'] as $size) {
                $rows[] = [['Style' => $style, 'Size' => $size], $cost];
            }
        }
        $groups = ProductGroups::of($this->item('Tool Bundle Choose Trowel Gloves Twine', $rows));
        self::assertSame('Style', $groups->option);
        self::assertSame(
            ['Trowel', 'Gloves', 'Twine', 'Snips', 'Dibber'],
            array_map(static fn (ProductGroup $g): string => $g->name, $groups->groups),
        );
        self::assertSame(
            [2, 2, 2, 2, 2],
            array_map(static fn (ProductGroup $g): int => count($g->variants), $groups->groups),
        );
    }

    public function test_colours_sizes_and_places_never_split_an_item(): void
    {
        self::assertFalse(
            ProductGroups::of(
                $this->item('Hand Trowel', [
                    [['Clr' => 'STL-01'], 540],
                    [['Clr' => 'Copper'], 640],
                    [['Clr' => 'Matt black'], 540],
                ]),
            )->several(),
        );
        self::assertFalse(
            ProductGroups::of(
                $this->item('Plant Labels', [[['Size' => 'Set of 6'], 330], [['Size' => 'Set of 24'], 1120]]),
            )->several(),
        );
        self::assertFalse(
            ProductGroups::of(
                $this->item('Mister', [[['Ships from' => 'CN'], 300], [['Ships from' => 'United States'], 900]]),
            )->several(),
        );
        self::assertFalse(ProductGroups::of($this->item('Trowel', [[[], 540]]))->several());
    }

    public function test_a_price_twice_as_high_beside_other_words_is_another_product(): void
    {
        self::assertTrue(
            ProductGroups::of(
                $this->item('Garden Set', [[['Type' => 'Kneeler'], 430], [['Type' => 'Trug'], 1680]]),
            )->several(),
        );
        self::assertFalse(
            ProductGroups::of(
                $this->item('Garden Trug', [[['Finish' => 'Lacquered'], 1600], [['Finish' => 'Varnished'], 1680]]),
            )->several(),
            'other words alone are not enough',
        );
    }

    /** @param  list<string>  $values */
    #[TestWith([['S', 'M', 'XL'], true])]
    #[TestWith([['12 cm', '18 cm'], true])]
    #[TestWith([['Small', 'Large'], true])]
    #[TestWith([['4 × 5 m', '8 × 10 m'], true])]
    #[TestWith([['Red', 'Blue'], false])]
    #[TestWith([['Trowel', 'Gloves'], false])]
    public function test_sizes_are_known(array $values, bool $sizes): void
    {
        self::assertSame($sizes, ValueWords::sizes(...$values));
    }

    /** @param  list<array{array<string, string>, int}>  $rows  options and cost */
    private function item(string $title, array $rows): Item
    {
        $pictures = [];
        $variants = [];
        foreach ($rows as $n => [$options, $cost]) {
            $first = (string) (array_values($options)[0] ?? '');
            $pictures[$first] ??= count($pictures);
            $variants[] = new Variant(
                'v'.$n,
                's'.$n,
                null,
                $options,
                Money::of($cost, 'USD'),
                null,
                300,
                ['GB' => 3],
                $pictures[$first],
            );
        }

        return new Item(
            'i',
            $title,
            '',
            'Sets',
            ['a', 'b', 'c', 'd', 'e'],
            'USD',
            new DayRange(1, 2),
            null,
            $variants,
        );
    }
}
