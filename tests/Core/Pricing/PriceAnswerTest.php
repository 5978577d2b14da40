<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Pricing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Pricing\Recipe\Fields;
use WindowStall\Core\Pricing\Sale\PriceQuestion;

/** What one sale would come to: every figure and every sentence of the answer, worked out by hand. */
final class PriceAnswerTest extends TestCase
{
    /** Landed 7.00, sold at 12.00 with a fifth of tax in it: 2.00 tax, 10.00 received, 3.00 kept. */
    private const PLAIN = [
        'currency' => 'GBP',
        'sale' => ['tax_rate' => '0.2'],
        'cost' => [
            'goods' => ['amount' => '5.00', 'currency' => 'GBP'],
            'delivery_first' => ['amount' => '2.00', 'currency' => 'GBP'],
        ],
        'price' => '12.00',
    ];

    private const NOUGHT = '0.00';

    public function test_the_whole_of_a_plain_answer(): void
    {
        self::assertSame([
            'currency' => 'GBP',
            'quantity' => 1,
            'price' => '12.00',
            'lines' => [
                'goods' => '5.00', 'delivery' => '2.00', 'duty' => self::NOUGHT, 'handling' => self::NOUGHT,
                'tax' => '2.00', 'payment_fee' => self::NOUGHT, 'platform_fee' => self::NOUGHT,
                'returns' => self::NOUGHT, 'advertising' => self::NOUGHT,
            ],
            'landed' => '7.00',
            'receipts' => '10.00',
            'keep' => '3.00',
            'margin' => '0.3000',
            'markup' => '0.4286',
            'break_even_price' => '8.40',
            'break_even_advertising' => '3.00',
            'return_on_advertising' => '3.33',
            'reasons' => ['The price of 12.00 was given.'],
            'warnings' => [],
        ], self::answered([]));
    }

    public function test_every_fee_and_cost_that_is_given_counts_and_shows_in_its_line(): void
    {
        $answer = self::answered([
            'quantity' => 3,
            'sale' => ['tax_rate' => '0.2', 'tax_included' => true, 'delivery_charged' => '3.00'],
            'cost' => [
                'goods' => ['amount' => '5.00', 'currency' => 'USD'],
                'delivery_first' => ['amount' => '2.00', 'currency' => 'GBP'],
                'delivery_next' => ['amount' => '1.00', 'currency' => 'GBP'],
                'duty_rate' => '0.1',
                'duty_on' => 'goods',
                'handling' => ['amount' => '0.25', 'currency' => 'GBP'],
            ],
            'rates' => ['USD' => '0.80'],
            'cushion' => '0.05',
            'fees' => [
                'payment_rate' => '0.02', 'payment_fixed' => '0.20', 'platform_rate' => '0.05', 'returns_rate' => '0.04',
                'advertising' => '1.50',
            ],
            'price' => '57.00',
        ]);
        // Three at 5.00 USD × 0.80 × 1.05 are 12.60; sent 2 + 1 + 1; a tenth of the goods; one parcel handled.
        // Gross 60.00, tax 10.00, received 50.00; 1.20 + 0.20, a twentieth of 60, a twenty-fifth of 50.
        self::assertSame([
            'goods' => '12.60', 'delivery' => '4.00', 'duty' => '1.26', 'handling' => '0.25', 'tax' => '10.00',
            'payment_fee' => '1.40', 'platform_fee' => '3.00', 'returns' => '2.00', 'advertising' => '1.50',
        ], $answer['lines']);
        self::assertSame(['18.11', '50.00', '23.99', 3], [
            $answer['landed'], $answer['receipts'], $answer['keep'], $answer['quantity'],
        ]);
    }

    public function test_tax_comes_on_top_where_it_is_said_to(): void
    {
        $answer = self::answered(['sale' => ['tax_rate' => '0.2', 'tax_included' => false]]);
        self::assertSame(['2.40', '12.00', '5.00', '0.4167', '0.7143'], [
            $answer['lines']['tax'], $answer['receipts'], $answer['keep'], $answer['margin'], $answer['markup'],
        ]);
    }

    public function test_a_further_piece_is_sent_for_as_much_as_the_first_where_nothing_else_is_said(): void
    {
        self::assertSame('6.00', self::answered(['quantity' => 3])['lines']['delivery']);
    }

    public function test_what_is_given_away_has_neither_margin_nor_anything_to_spend(): void
    {
        $answer = self::answered(['price' => '0.00']);
        self::assertSame([null, '-1.0000', '-7.00', null], [
            $answer['margin'], $answer['markup'], $answer['keep'], $answer['return_on_advertising'],
        ]);
        self::assertSame(['This loses 7.00 on every sale.'], $answer['warnings']);
        $free = self::answered(['cost' => [
            'goods' => ['amount' => '0', 'currency' => 'GBP'],
            'delivery_first' => ['amount' => '0', 'currency' => 'GBP'],
        ]]);
        self::assertSame([null, '0.00'], [$free['markup'], $free['break_even_price']]);
    }

    public function test_where_no_price_breaks_even_none_is_said(): void
    {
        $answer = self::answered(['fees' => ['platform_rate' => '0.9']]);
        self::assertNull($answer['break_even_price']);
    }

    /** @return array<string, array{array<string, mixed>, list<string>}> what is asked otherwise, what is warned of */
    public static function warned(): array
    {
        $recipe = static fn (array $more): array => [
            'price' => null, 'recipe' => ['basis' => 'landed', 'steps' => [['factor' => '2']]] + $more,
        ];
        $cost = static fn (string $goods, string $delivery): array => [
            'goods' => ['amount' => $goods, 'currency' => 'GBP'],
            'delivery_first' => ['amount' => $delivery, 'currency' => 'GBP'],
        ];

        return [
            'nothing is lost at the break-even price' => [['price' => '8.40'], []],
            'a penny less loses one' => [['price' => '8.39'], ['This loses 0.01 on every sale.']],
            'delivery as dear as the goods' => [['cost' => $cost('3.50', '3.50')], []],
            'delivery dearer than they are' => [
                ['cost' => $cost('3.49', '3.50')], ['Delivery at 3.50 costs more than the goods at 3.49.'],
            ],
            'at the RRP' => [['rrp' => '12.00'], []],
            'above it' => [['rrp' => '11.99'], ['The price is above the RRP of 11.99.']],
            'two at twice the RRP' => [['rrp' => '10.00', 'quantity' => 2, 'price' => '20.00'], []],
            'two above it' => [
                ['rrp' => '10.00', 'quantity' => 2, 'price' => '20.01'], ['The price is above the RRP of 10.00.'],
            ],
            'a floor that is kept' => [$recipe(['floor' => ['margin' => '0.3']]), []],
            'a floor that asks more' => [$recipe(['floor' => ['margin' => '0.5']]), []],
            'a floor over the cap' => [
                $recipe(['floor' => ['margin' => '0.5'], 'cap' => '15.00']),
                ['The floor of 50% of the receipts can’t be kept under 15.00.'],
            ],
            'a floor over the RRP' => [
                $recipe(['floor' => ['keep' => '6.00'], 'cap' => 'rrp']) + ['rrp' => '15.00'],
                ['The floor of 6.00 can’t be kept under the RRP.'],
            ],
            'a floor that no price meets' => [
                $recipe(['floor' => ['margin' => '1']]),
                ['The floor of 100% of the receipts can’t be met at any price.'],
            ],
            'all at once' => [
                ['price' => '3.00', 'rrp' => '2.00', 'cost' => $cost('1.00', '6.00')],
                [
                    'This loses 4.50 on every sale.',
                    'Delivery at 6.00 costs more than the goods at 1.00.',
                    'The price is above the RRP of 2.00.',
                ],
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $otherwise
     * @param  list<string>  $warnings
     */
    #[DataProvider('warned')]
    public function test_what_is_warned_of(array $otherwise, array $warnings): void
    {
        self::assertSame($warnings, self::answered($otherwise)['warnings']);
    }

    /** @return array<string, array{array<string, mixed>, array<string, string>}> what is asked otherwise, path → sentence */
    public static function refused(): array
    {
        $either = ['recipe' => 'Give either "recipe" or "price".'];
        $plain = ['basis' => 'landed', 'steps' => [['factor' => '2']]];
        $pieces = ['quantity' => 'A whole number from 1 to 10000 belongs here.'];
        $many = array_fill_keys(array_map(static fn (int $n): string => 'A'.$n, range(1, 201)), '1');
        $rates = ['rates' => 'Rates are an object: {"USD": "0.78"} when one dollar costs 0.78.'];
        $dear = [
            'goods' => ['amount' => '1000000.00', 'currency' => 'GBP'],
            'delivery_first' => ['amount' => '0.00', 'currency' => 'GBP'],
            'handling' => ['amount' => '0.01', 'currency' => 'GBP'],
        ];

        return [
            'neither recipe nor price' => [['price' => null], $either],
            'both' => [['recipe' => $plain], $either],
            'no pieces' => [['quantity' => 0], $pieces],
            'too many' => [['quantity' => 10_001], $pieces],
            'no tax said' => [['sale' => []], ['sale.tax_rate' => 'A rate is missing here.']],
            'no cost of the goods' => [
                ['cost' => ['delivery_first' => ['amount' => '2.00', 'currency' => 'GBP']]],
                [
                    'cost.goods.currency' => 'A currency is three capital letters, such as "GBP".',
                    'cost.goods.amount' => 'An amount is missing here.',
                ],
            ],
            'rates in one word' => [['rates' => 'x'], $rates],
            'too many rates' => [['rates' => $many], $rates],
            'a rate of no currency' => [
                ['rates' => ['12' => '0.5']], ['rates.12' => '“12” is no currency: three capital letters are needed, such as GBP.'],
            ],
            'two rates of no currencies' => [
                ['rates' => ['£' => '1', 'USD' => '0.8', '$' => '1']],
                [
                    'rates.£' => '“£” is no currency: three capital letters are needed, such as GBP.',
                    'rates.$' => '“$” is no currency: three capital letters are needed, such as GBP.',
                ],
            ],
            'more than can be reckoned with' => [
                ['quantity' => 10_000, 'cost' => $dear], ['cost' => 'This costs more than can be worked out here.'],
            ],
            'a recipe that makes no price' => [
                ['price' => null, 'recipe' => ['basis' => 'landed', 'steps' => [['margin' => '1']]]],
                ['recipe' => 'Landed cost 7.00 for a margin of 100% can’t be met: fees and tax eat all that a higher price brings.'],
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $otherwise
     * @param  array<string, string>  $said
     */
    #[DataProvider('refused')]
    public function test_what_is_refused(array $otherwise, array $said): void
    {
        $fields = self::fields($otherwise);
        self::assertNull(PriceQuestion::read($fields)?->answer($fields));
        self::assertSame($said, $fields->problems());
    }

    public function test_a_currency_without_a_rate_is_named(): void
    {
        $fields = self::fields(['cost' => ['goods' => ['amount' => '5.00', 'currency' => 'USD']] + self::PLAIN['cost']]);
        self::assertNull(PriceQuestion::read($fields));
        self::assertSame(['rates'], array_keys($fields->problems()));
        self::assertStringContainsString('USD', $fields->problems()['rates']);
    }

    public function test_the_most_that_can_be_reckoned_with_is_answered(): void
    {
        $answer = self::answered(['quantity' => 10_000, 'cost' => [
            'goods' => ['amount' => '1000000.00', 'currency' => 'GBP'],
            'delivery_first' => ['amount' => '0.00', 'currency' => 'GBP'],
        ]]);
        self::assertSame('10000000000.00', $answer['landed']);
        self::assertSame('7.00', self::answered(['rates' => self::rates(200)])['landed'], 'two hundred rates are read');
    }

    /** @return array<string, string> so many currencies, each worth a pound */
    private static function rates(int $many): array
    {
        $codes = ['USD', 'EUR'];
        for ($n = 0; count($codes) < $many; $n++) {
            $codes[] = 'X'.chr(65 + intdiv($n, 26)).chr(65 + $n % 26);
        }

        return array_fill_keys($codes, '1');
    }

    /**
     * @param  array<string, mixed>  $otherwise
     * @return array<string, mixed>
     */
    private static function answered(array $otherwise): array
    {
        $fields = self::fields($otherwise);
        $answer = PriceQuestion::read($fields)?->answer($fields);
        self::assertSame([], $fields->problems());
        self::assertNotNull($answer);

        return $answer;
    }

    /** @param  array<string, mixed>  $otherwise  null takes it out */
    private static function fields(array $otherwise): Fields
    {
        return new Fields(array_filter($otherwise + self::PLAIN, static fn (mixed $v): bool => $v !== null));
    }
}
