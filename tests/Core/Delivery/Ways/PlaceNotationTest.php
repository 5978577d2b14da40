<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Delivery\Ways;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\Ways\PlaceNotation;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Pricing\Recipe\Fields;

/** @phpstan-import-type WrittenPlace from PlaceNotation */
final class PlaceNotationTest extends TestCase
{
    private const WHOLE = [
        'name' => 'the Highlands and the islands',
        'covers' => [
            ['country' => 'GB', 'parts' => [], 'postcodes' => 'IV, HS, PH17–50'],
            ['country' => 'US', 'parts' => ['US-HI'], 'postcodes' => ''],
        ],
        'ways' => [
            [
                'name' => 'plain',
                'charge' => ['by' => 'flat', 'amount' => '5.95'],
                'across' => 'sum',
                'free_over' => '40.00',
                'prefers' => 'cheapest',
                'under' => null,
                'phone' => false,
                'collected' => '',
            ],
            [
                'name' => 'quick',
                'charge' => ['by' => 'cost', 'times' => '1.25', 'plus' => '0.30', 'ending' => '0.95'],
                'across' => 'once',
                'free_over' => null,
                'prefers' => 'quickest',
                'under' => '9.00',
                'phone' => false,
                'collected' => '',
            ],
            [
                'name' => 'heavy',
                'charge' => ['by' => 'weight', 'bands' => [['up_to' => 1000, 'amount' => '3.00']], 'beyond' => '9.00'],
                'across' => 'dearest',
                'free_over' => null,
                'prefers' => 'cheapest',
                'under' => null,
                'phone' => false,
                'collected' => '',
            ],
            [
                'name' => 'dear',
                'charge' => ['by' => 'value', 'bands' => [['up_to' => '20.00', 'amount' => '3.00']], 'beyond' => '1.00'],
                'across' => 'once',
                'free_over' => null,
                'prefers' => 'cheapest',
                'under' => null,
                'phone' => false,
                'collected' => '',
            ],
            [
                'name' => 'carrier',
                'charge' => ['by' => 'carrier', 'service' => 'quick', 'plus' => '0.50', 'otherwise' => '6.95'],
                'across' => 'sum',
                'free_over' => null,
                'prefers' => 'cheapest',
                'under' => null,
                'phone' => true,
                'collected' => 'the shed, Saturdays',
            ],
            [
                'name' => 'many',
                'charge' => ['by' => 'piece', 'first' => '2.00', 'further' => '0.50'],
                'across' => 'once',
                'free_over' => null,
                'prefers' => 'cheapest',
                'under' => null,
                'phone' => false,
                'collected' => '',
            ],
        ],
        'rules' => [
            ['by' => 'tag', 'value' => 'bulky', 'more' => '4.00'],
            ['by' => 'heavier', 'value' => '5000', 'more' => null],
        ],
    ];

    public function test_what_is_read_is_written_again(): void
    {
        $fields = new Fields(self::WHOLE);
        $read = PlaceNotation::read($fields, Currency::of('GBP'), 7);
        self::assertSame([], $fields->problems());
        self::assertSame(7, $read->place->id);
        self::assertEquals(self::WHOLE, PlaceNotation::write($read));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> what is written otherwise, and where it is amiss */
    public static function amiss(): iterable
    {
        $way = self::WHOLE['ways'][0];
        $charged = static fn (array $charge): array => ['ways' => [['charge' => $charge] + $way]];
        yield 'a name that is a list' => [['name' => ['x']], 'name'];
        yield 'a name without end' => [['name' => str_repeat('ü', 10_000)], 'name'];
        yield 'nowhere' => [['covers' => []], 'covers'];
        yield 'covers that are one' => [['covers' => ['country' => 'GB']], 'covers'];
        yield 'too many covers' => [['covers' => array_fill(0, 61, ['country' => 'GB'])], 'covers'];
        yield 'no country' => [['covers' => [['country' => 'Great Britain']]], 'covers.0.country'];
        yield 'a part of another country' => [['covers' => [['country' => 'GB', 'parts' => ['US-HI']]]], 'covers.0.parts'];
        yield 'postcodes unread' => [['covers' => [['country' => 'GB', 'postcodes' => '💥']]], 'covers.0.postcodes'];
        yield 'too many ways' => [['ways' => array_fill(0, 7, $way)], 'ways'];
        yield 'no charge' => [$charged(['by' => 'guess']), 'ways.0.charge.by'];
        yield 'a charge below nothing' => [$charged(['by' => 'flat', 'amount' => '-1.00']), 'ways.0.charge.amount'];
        yield 'a float' => [$charged(['by' => 'flat', 'amount' => 2.95]), 'ways.0.charge.amount'];
        yield 'three decimals' => [$charged(['by' => 'flat', 'amount' => '2.955']), 'ways.0.charge.amount'];
        yield 'one mark twice' => [$charged([
            'by' => 'weight',
            'bands' => [['up_to' => 5, 'amount' => '1.00'], ['up_to' => 5, 'amount' => '2.00']],
            'beyond' => '3.00',
        ]), 'ways.0.charge.bands'];
        yield 'nothing beyond' => [$charged(['by' => 'weight', 'bands' => []]), 'ways.0.charge.beyond'];
        yield 'a factor of nought' => [$charged(['by' => 'cost', 'times' => '0']), 'ways.0.charge.times'];
        yield 'an ending of a whole' => [$charged(['by' => 'cost', 'ending' => '1.00']), 'ways.0.charge.ending'];
        yield 'another across' => [['ways' => [['across' => 'all'] + $way]], 'ways.0.across'];
        yield 'grams in words' => [['rules' => [['by' => 'heavier', 'value' => 'much']]], 'rules.0.value'];
        yield 'an empty tag' => [['rules' => [['by' => 'tag', 'value' => '']]], 'rules.0.value'];
    }

    /** @param  array<string, mixed>  $otherwise */
    #[\PHPUnit\Framework\Attributes\DataProvider('amiss')]
    public function test_what_cant_be_read_is_named(array $otherwise, string $at): void
    {
        $fields = new Fields($otherwise + self::WHOLE);
        PlaceNotation::read($fields, Currency::of('GBP'), 1);
        self::assertSame([$at], array_keys($fields->problems()));
    }

    #[TestWith(['the   Highlands'."\n".'there', 'the Highlands there'])]
    #[TestWith(["the\u{202E} islands", 'the islands'])]
    public function test_a_name_is_one_line(string $typed, string $name): void
    {
        $fields = new Fields(['name' => $typed] + self::WHOLE);
        self::assertSame($name, PlaceNotation::read($fields, Currency::of('GBP'), 1)->place->name);
    }
}
