<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Pricing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Pricing\Recipe\Basis;
use WindowStall\Core\Pricing\Recipe\Fields;
use WindowStall\Core\Pricing\Recipe\Toward;

/** What a program wrote down, read field by field: each that can't be read has its sentence, and one only. */
final class FieldsTest extends TestCase
{
    private const AMOUNT = 'An amount is a decimal string with a full stop, such as "4.20".';

    private const RATE = 'A rate lies between "0" and "1": 0.2 is 20%.';

    private const FACTOR = 'A factor is a decimal string above nought with six decimals at most, such as "2.4".';

    private const EXCHANGE = 'An exchange rate is a decimal string above nought, such as "0.78".';

    /** @return array<string, array{mixed, int, string|null}> what is written, what is read in pence, what is said */
    public static function amounts(): array
    {
        return [
            'an amount' => ['4.20', 420, null],
            'nothing' => ['0', 0, null],
            'with zeros behind' => ['4.2000', 420, null],
            'the most' => ['1000000', 100_000_000, null],
            'more than that' => ['1000001', 0, '“1000001” is more than a till can hold. 1,000,000 is the most.'],
            'finer than pence' => ['4.205', 0, '“4.205” is finer than GBP goes: 2 decimals at most.'],
            'below nothing' => ['-0.01', 0, 'This can’t be below nothing.'],
            'missing' => [null, 0, 'An amount is missing here.'],
            'a number' => [4.2, 0, self::AMOUNT],
            'a whole number' => [4, 0, self::AMOUNT],
            'with a comma' => ['4,20', 0, self::AMOUNT],
            'with a sign of a currency' => ['£4.20', 0, self::AMOUNT],
            'with thousands parted' => ['1,000.00', 0, self::AMOUNT],
            'without a whole part' => ['.20', 0, self::AMOUNT],
            'without a fraction' => ['4.', 0, self::AMOUNT],
            'with a line behind' => ["4.20\n", 0, self::AMOUNT],
            'empty' => ['', 0, self::AMOUNT],
            'sixteen digits' => ['1234567890123456', 0, self::AMOUNT],
            'a list' => [['4.20'], 0, self::AMOUNT],
            'true' => [true, 0, self::AMOUNT],
        ];
    }

    #[DataProvider('amounts')]
    public function test_amounts(mixed $written, int $minor, ?string $said): void
    {
        $fields = new Fields(['price' => ['asks' => $written]]);
        self::assertSame($minor, $fields->amount('price.asks', Currency::of('GBP'))->minor);
        self::assertSame($said === null ? [] : ['price.asks' => $said], $fields->problems());
    }

    public function test_an_amount_may_be_missing_or_below_nothing_where_that_is_said(): void
    {
        $fields = new Fields(['off' => '-1.50']);
        $pounds = Currency::of('GBP');
        self::assertSame(0, $fields->amount('more', $pounds, required: false)->minor);
        self::assertSame(-150, $fields->amount('off', $pounds, negative: true)->minor);
        self::assertSame([], $fields->problems());
    }

    /** @return array<string, array{mixed, int, string|null}> in millionths */
    public static function rates(): array
    {
        $read = static fn (string $text): string => sprintf(
            '“%s” can’t be read as a rate. Write 0.019 for 1.9%%.',
            $text,
        );

        return [
            'a fifth' => ['0.2', 200_000, null],
            'nothing' => ['0', 0, null],
            'the whole' => ['1', 1_000_000, null],
            'more than the whole' => ['1.000001', 0, self::RATE],
            'finer than a millionth' => [
                '0.0000001',
                0,
                '“0.0000001” is finer than a rate goes: six decimals at most.',
            ],
            'percent' => ['20%', 0, $read('20%')],
            'a comma' => ['0,2', 0, $read('0,2')],
            'empty' => ['', 0, $read('')],
            'a number' => [0.2, 0, 'A rate is a decimal string, such as "0.019".'],
            'missing' => [null, 0, 'A rate is missing here.'],
            'far too much' => ['11', 0, 'A rate lies between 0 and 10.'],
        ];
    }

    #[DataProvider('rates')]
    public function test_rates(mixed $written, int $millionths, ?string $said): void
    {
        $fields = new Fields(['rate' => $written]);
        self::assertSame($millionths, $fields->rate('rate')->millionths);
        self::assertSame($said === null ? [] : ['rate' => $said], $fields->problems());
    }

    public function test_a_rate_may_go_further_or_be_missing_where_that_is_said(): void
    {
        $fields = new Fields(['rate' => '2.5', 'much' => '3.1']);
        self::assertSame(2_500_000, $fields->rate('rate', most: 3_000_000)->millionths);
        self::assertSame(0, $fields->rate('none', required: false)->millionths);
        self::assertSame(0, $fields->rate('much', most: 3_000_000, over: 'Three times at most.')->millionths);
        self::assertSame(['much' => 'Three times at most.'], $fields->problems());
    }

    /** @return array<string, array{mixed, int, string|null}> in millionths */
    public static function factors(): array
    {
        return [
            'a factor' => ['2.4', 2_400_000, null],
            'the least' => ['0.000001', 1, null],
            'the most' => ['9999.999999', 9_999_999_999, null],
            'five digits' => ['10000', 1_000_000, self::FACTOR],
            'seven decimals' => ['2.1234567', 1_000_000, self::FACTOR],
            'nought' => ['0', 1_000_000, self::FACTOR],
            'nought with decimals' => ['0.000000', 1_000_000, self::FACTOR],
            'below nought' => ['-2', 1_000_000, self::FACTOR],
            'a number' => [2.4, 1_000_000, self::FACTOR],
            'missing' => [null, 1_000_000, self::FACTOR],
            'a line behind' => ["2\n", 1_000_000, self::FACTOR],
        ];
    }

    #[DataProvider('factors')]
    public function test_factors(mixed $written, int $millionths, ?string $said): void
    {
        $fields = new Fields(['by' => $written]);
        self::assertSame($millionths, $fields->factor('by'));
        self::assertSame($said === null ? [] : ['by' => $said], $fields->problems());
    }

    /** @return array<string, array{mixed, string, string|null}> */
    public static function exchanges(): array
    {
        return [
            'a rate' => ['0.78', '0.78', null],
            'a fine one' => ['0.0000000001', '0.0000000001', null],
            'a great one' => ['999999999', '999999999', null],
            'greater' => ['1000000000', '1', self::EXCHANGE],
            'eleven decimals' => ['0.00000000001', '1', self::EXCHANGE],
            'nought' => ['0.0', '1', self::EXCHANGE],
            'below' => ['-1', '1', self::EXCHANGE],
            'a number' => [0.78, '1', self::EXCHANGE],
            'missing' => [null, '1', self::EXCHANGE],
        ];
    }

    #[DataProvider('exchanges')]
    public function test_exchange_rates(mixed $written, string $read, ?string $said): void
    {
        $fields = new Fields(['usd' => $written]);
        self::assertSame($read, $fields->exchange('usd'));
        self::assertSame($said === null ? [] : ['usd' => $said], $fields->problems());
    }

    /** @return array<string, array{mixed, int|null, int, bool}> what is written, the default, what is read, whether it is well */
    public static function wholes(): array
    {
        return [
            'the least' => [2, null, 2, true],
            'the most' => [9, null, 9, true],
            'below' => [1, null, 2, false],
            'above' => [10, null, 2, false],
            'a fraction' => [3.5, null, 2, false],
            'a whole fraction' => [3.0, null, 2, false],
            'a string' => ['3', null, 2, false],
            'missing' => [null, null, 2, false],
            'missing, with a default' => [null, 5, 5, true],
            'a default that is none' => [null, 50, 2, false],
        ];
    }

    #[DataProvider('wholes')]
    public function test_whole_numbers(mixed $written, ?int $default, int $read, bool $well): void
    {
        $fields = new Fields(['n' => $written]);
        self::assertSame($read, $fields->whole('n', 2, 9, $default));
        self::assertSame($well ? [] : ['n' => 'A whole number from 2 to 9 belongs here.'], $fields->problems());
    }

    public function test_flags_and_choices(): void
    {
        $fields = new Fields(['yes' => true, 'no' => false, 'odd' => 1, 'basis' => 'nonsense', 'toward' => 7]);
        self::assertTrue($fields->flag('yes', false));
        self::assertFalse($fields->flag('no', true));
        self::assertTrue($fields->flag('left out', true));
        self::assertSame([], $fields->problems());
        self::assertTrue($fields->flag('odd', true));

        $first = Basis::cases()[0];
        self::assertSame($first, $fields->choice('basis', Basis::class, $first));
        self::assertSame($first, $fields->choice('left out', Basis::class, $first));
        foreach (Basis::cases() as $basis) {
            self::assertSame($basis, (new Fields(['basis' => $basis->value]))->choice('basis', Basis::class, $first));
        }
        $fields->choice('toward', Toward::class, Toward::cases()[0]);
        $named = static fn (array $cases): string => implode(', ', array_map(
            static fn (\BackedEnum $case): string => '"'.$case->value.'"',
            $cases,
        ));
        self::assertSame([
            'odd' => 'True or false belongs here.',
            'basis' => 'One of these belongs here: '.$named(Basis::cases()).'.',
            'toward' => 'One of these belongs here: '.$named(Toward::cases()).'.',
        ], $fields->problems());
    }

    /** @return array<string, array{mixed, string, string|null}> */
    public static function currencies(): array
    {
        $said = 'A currency is three capital letters, such as "GBP".';

        return [
            'pounds' => ['GBP', 'GBP', null], 'small letters' => ['gbp', 'XXX', $said], 'a sign' => ['£', 'XXX', $said],
            'missing' => [null, 'XXX', $said], 'a list' => [['GBP'], 'XXX', $said],
        ];
    }

    #[DataProvider('currencies')]
    public function test_currencies(mixed $written, string $code, ?string $said): void
    {
        $fields = new Fields(['currency' => $written]);
        self::assertSame($code, $fields->currency('currency')->code);
        self::assertSame($said === null ? [] : ['currency' => $said], $fields->problems());
    }

    public function test_a_value_where_fields_belong_is_named_once_at_its_place(): void
    {
        $fields = new Fields(['terms' => ['fee' => 'much'], 'none' => null]);
        self::assertNull($fields->get('terms.fee.rate'));
        self::assertNull($fields->get('terms.fee.fixed'));
        self::assertNull($fields->get('none.at.all'));
        self::assertNull($fields->get('nowhere.at.all'));
        self::assertSame(['terms.fee' => 'An object with fields belongs here.'], $fields->problems());
        self::assertSame([true, false, false], [$fields->has('terms.fee'), $fields->has('none'), $fields->has('terms.x')]);
    }

    public function test_the_first_thing_that_is_wrong_is_what_is_said(): void
    {
        $fields = new Fields([]);
        $fields->problem('a', 'first');
        $fields->problem('a', 'second');
        $fields->problem('b', 'third');
        self::assertSame(['a' => 'first', 'b' => 'third'], $fields->problems());
    }
}
