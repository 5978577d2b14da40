<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Shelves;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Look\Colour;
use WindowStall\Core\Shelves\Overlap;
use WindowStall\Core\Shelves\ShelfWords;
use WindowStall\Core\Shelves\Swatch;

/** What is said and shown of a shelf: its first text, colours of its goods, how far it holds the same as another. */
final class ShelfSaidTest extends TestCase
{
    /** @return array<string, array{list<mixed>, string}> goods, types, least, most, days → the text */
    public static function drafts(): array
    {
        $days = new DayRange(3, 7);

        return [
            'nothing stands there' => [[0, ['Tools'], '£1.00', '£2.00', $days], ''],
            'one thing' => [[1, [], '£4.00', '£4.00', null], 'Sowing: 1 thing. Each costs £4.00.'],
            'several alike' => [[3, ['Pots'], '£4.00', '£4.00', $days], 'Sowing: 3 things. Each costs £4.00. With you in 3 to 7 days.'],
            'several kinds' => [
                [1_200, ['Hand Tools', 'Pots', 'Twine'], '£4.00', '£40.00', $days],
                'Sowing: 1,200 things, from hand tools to pots. They cost from £4.00 to £40.00. With you in 3 to 7 days.',
            ],
            'the shelf is called as its commonest kind' => [
                [2, ['SOWING', 'Pots'], '£4.00', '£5.00', null], 'Sowing: 2 things. They cost from £4.00 to £5.00.',
            ],
            'nothing has a price' => [[2, ['Pots', 'Twine'], '', '', null], 'Sowing: 2 things, from pots to twine.'],
            'all come on one day' => [[2, [], '', '', new DayRange(2, 2)], 'Sowing: 2 things. With you in 2 days.'],
        ];
    }

    /** @param  array{int, list<string>, string, string, DayRange|null}  $of */
    #[DataProvider('drafts')]
    public function test_a_first_text_is_of_nothing_but_its_goods(array $of, string $text): void
    {
        self::assertSame($text, ShelfWords::draft('Sowing', ...$of));
    }

    /** Names of colours and materials, in whatever they stand; the longest name counts. */
    #[TestWith(['Steel', 'steel'])]
    #[TestWith(['STEEL, brushed', 'steel'])]
    #[TestWith(['Galvanised steel', 'galvanised'])]
    #[TestWith(['Steelworks', null])]
    #[TestWith(['Large', null])]
    #[TestWith(['', null])]
    #[TestWith(['12 / 34', null])]
    #[TestWith(['(copper)', 'copper'])]
    #[TestWith(["\u{A0}Copper\u{A0}", 'copper'])]
    #[TestWith(['off-white', 'white'])]
    public function test_a_value_that_names_a_colour(string $value, ?string $named): void
    {
        /** @var array<string, string> $materials */
        $materials = require __DIR__.'/../../../core/Shelves/swatches.php';
        self::assertSame($named === null ? null : $materials[$named], Swatch::of($value));
    }

    public function test_every_name_shows_its_own_colour(): void
    {
        /** @var array<string, string> $materials */
        $materials = require __DIR__.'/../../../core/Shelves/swatches.php';
        foreach ($materials as $name => $colour) {
            self::assertMatchesRegularExpression('/^#[0-9a-f]{6}$/', $colour, $name);
            self::assertSame($colour, Swatch::of(mb_strtoupper($name)), $name);
        }
        self::assertNotSame(Swatch::of('green'), Swatch::of('dark blue'));
        self::assertSame(Swatch::of('Green'), Swatch::of('a green one'));
    }

    #[TestWith(['light blue', 'blue', 1])]
    #[TestWith(['Blue, pale', 'blue', 1])]
    #[TestWith(['deep blue', 'blue', -1])]
    #[TestWith(['Steel dark', 'steel', -1])]
    #[TestWith(['Lightweight blue', 'blue', 0])]
    public function test_light_and_dark_are_seen(string $value, string $plain, int $way): void
    {
        $lightness = static fn (string $of): float => Colour::hex((string) Swatch::of($of))->toOklch()[0];
        self::assertSame($way, (int) round(($lightness($value) - $lightness($plain)) * 5));
    }

    /** @param  list<string>  $values */
    #[TestWith([['Steel', 'Copper'], true])]
    #[TestWith([['Steel', 'Large'], false])]
    #[TestWith([['Steel', 'Copper', 'Large'], true])]
    #[TestWith([['Small', 'Large'], false])]
    #[TestWith([['Steel'], true])]
    #[TestWith([[], false])]
    public function test_swatches_are_shown_where_most_values_name_a_colour(array $values, bool $shown): void
    {
        self::assertSame($shown, Swatch::fits($values));
    }

    /** What both hold, what one does and the other; basis points of either; nearly the same or not. */
    #[TestWith([0, 0, 0, 0, false])]
    #[TestWith([0, 5, 5, 0, false])]
    #[TestWith([5, 5, 5, 10_000, true])]
    #[TestWith([4, 5, 4, 8_000, true])]
    #[TestWith([8, 10, 8, 8_000, true])]
    #[TestWith([8, 10, 9, 7_272, false])]
    #[TestWith([799, 1_000, 799, 7_990, false])]
    #[TestWith([1, 1_000, 1, 10, false])]
    public function test_how_far_two_hold_the_same(int $both, int $one, int $other, int $bp, bool $same): void
    {
        self::assertSame([$bp, $same], [Overlap::ofBp($both, $one, $other), Overlap::nearlySame($both, $one, $other)]);
        self::assertSame($bp, Overlap::ofBp($both, $other, $one), 'either way round');
    }
}
