<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Money;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\CurrencyMismatch;
use WindowStall\Core\Money\ExchangeRate;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\MoneyUnreadable;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Money\RateMissing;
use WindowStall\Core\Money\Rates;
use WindowStall\Core\Money\RateUnreadable;

/** Amounts, rates and currencies where they begin, end and change their kind. */
final class MoneyEdgesTest extends TestCase
{
    #[TestWith(['GBP 12.50', 1250])]
    #[TestWith(['12.50 GBP', 1250])]
    #[TestWith(['12.50GBP', 1250])]
    #[TestWith(['GBP12.50', 1250])]
    #[TestWith(["\t12.50\n", 1250])]
    #[TestWith(["\u{202F}12.50\u{A0}", 1250])]
    #[TestWith(['£ 1 250,5', 125050])]
    #[TestWith(['1.250,50', 125050])]
    #[TestWith(['1250,50', 125050])]
    #[TestWith(['1.250.000,99', null])]
    #[TestWith(['999.999,99', 99999999])]
    #[TestWith(['1,250', 125000])]
    #[TestWith(['1,250,000', null])]
    #[TestWith(['-1,250.75', -125075])]
    #[TestWith(['-0.01', -1])]
    #[TestWith(['-0', 0])]
    #[TestWith(['12.', 1200])]
    #[TestWith(['12.500', 1250])]
    #[TestWith(['0000012.5', 1250])]
    #[TestWith(['1000000', 100000000])]
    #[TestWith(['1000001', null])]
    #[TestWith(['12.505', null])]
    #[TestWith(['12,505,5', null])]
    #[TestWith(['1,25,000', null])]
    #[TestWith(['-12,50', null])]
    #[TestWith(['12-', null])]
    #[TestWith(['--12', null])]
    #[TestWith(['.50', null])]
    #[TestWith(['12e3', null])]
    #[TestWith(['0x12', null])]
    #[TestWith(['١٢', null])]
    #[TestWith(['USD 12', null])]
    #[TestWith(['GBPGBP', null])]
    #[TestWith(['', null])]
    public function test_what_people_type_in_pounds(string $typed, ?int $minor): void
    {
        try {
            self::assertSame($minor, Money::parse($typed, Currency::of('GBP'))->minor);
        } catch (MoneyUnreadable $unreadable) {
            self::assertNull($minor, $unreadable->getMessage());
        }
    }

    /** @return array<string, array{string, int, string}> */
    public static function digits(): array
    {
        return [
            'nothing' => ['GBP', 0, '0.00'],
            'a penny' => ['GBP', 1, '0.01'],
            'less than nothing' => ['GBP', -1, '-0.01'],
            'below a pound, less than nothing' => ['GBP', -99, '-0.99'],
            'a pound' => ['GBP', 100, '1.00'],
            'nine pence' => ['GBP', 1209, '12.09'],
            'large' => ['GBP', 100_000_000, '1000000.00'],
            'yen' => ['JPY', 1250, '1250'],
            'less than no yen' => ['JPY', -1250, '-1250'],
            'no yen' => ['JPY', 0, '0'],
            'a thousandth of a dinar' => ['KWD', 1, '0.001'],
            'dinars' => ['KWD', 12_050, '12.050'],
        ];
    }

    #[DataProvider('digits')]
    public function test_digits_are_read_back_as_they_were_written(string $code, int $minor, string $digits): void
    {
        $money = Money::of($minor, $code);
        self::assertSame($digits, $money->digits());
        self::assertSame($minor, Money::parse($digits, Currency::of($code))->minor);
        self::assertSame($minor < 0, $money->isNegative());
    }

    public function test_any_amount_survives_being_written_and_read(): void
    {
        mt_srand(1_203);
        foreach (['GBP', 'JPY', 'KWD'] as $code) {
            $most = Money::MOST_UNITS * Currency::of($code)->minorPerUnit();
            for ($n = 0; $n < 300; $n++) {
                $minor = mt_rand(-$most, $most);
                self::assertSame($minor, Money::parse(Money::of($minor, $code)->digits(), Currency::of($code))->minor);
            }
        }
    }

    #[TestWith(['a long story about twelve pounds', '“a long story about t” can’t be read as an amount. Write it as 12.95.'])]
    #[TestWith(['exactly-twenty-chars', '“exactly-twenty-chars” can’t be read as an amount. Write it as 12.95.'])]
    #[TestWith(['12.123', '“12.123” is finer than GBP goes: 2 decimals at most.'])]
    #[TestWith(['0.1234567890123456789', '“0.123456789012345678” is finer than GBP goes: 2 decimals at most.'])]
    #[TestWith(['2000000', '“2000000” is more than a till can hold. 1,000,000 is the most.'])]
    #[TestWith(['123456789012345678901', '“12345678901234567890” is more than a till can hold. 1,000,000 is the most.'])]
    public function test_a_refusal_repeats_what_was_typed_and_says_what_to_do(string $typed, string $said): void
    {
        $this->expectExceptionObject(new MoneyUnreadable($said));
        Money::parse($typed, Currency::of('GBP'));
    }

    #[TestWith(['gbp'])]
    #[TestWith(['GB'])]
    #[TestWith(['GBPX'])]
    #[TestWith(["GBP\n"])]
    #[TestWith(['£'])]
    #[TestWith([''])]
    public function test_a_currency_is_three_capital_letters(string $code): void
    {
        $this->expectException(MoneyUnreadable::class);
        $this->expectExceptionMessage('three capital letters');
        Currency::of($code);
    }

    public function test_a_long_code_is_cut_where_it_is_repeated(): void
    {
        $this->expectExceptionObject(new MoneyUnreadable(
            '“POUNDSTERLIN” is no currency: three capital letters are needed, such as GBP.',
        ));
        Currency::of('POUNDSTERLING');
    }

    #[TestWith(['GBP', 2, 100, 100])]
    #[TestWith(['JPY', 0, 1, 100])]
    #[TestWith(['KWD', 3, 1000, 1000])]
    #[TestWith(['XXX', 2, 100, 100])]
    public function test_units_of_currencies(string $code, int $decimals, int $perUnit, int $round): void
    {
        $currency = Currency::of($code);
        self::assertSame([$decimals, $perUnit, $round], [
            $currency->decimals,
            $currency->minorPerUnit(),
            $currency->roundUnit(),
        ]);
    }

    public function test_sums_and_comparisons(): void
    {
        $one = Money::of(1895, 'GBP');
        self::assertSame(1900, $one->plus(Money::of(5, 'GBP'))->minor);
        self::assertSame(-5, $one->minus(Money::of(1900, 'GBP'))->minor);
        self::assertSame([-1895, 5685, 0], [$one->times(-1)->minor, $one->times(3)->minor, $one->times(0)->minor]);
        self::assertSame([1, 0, -1], [
            $one->compare(Money::of(1894, 'GBP')),
            $one->compare(Money::of(1895, 'GBP')),
            $one->compare(Money::of(1896, 'GBP')),
        ]);
        foreach (['plus', 'minus', 'compare'] as $does) {
            try {
                $one->{$does}(Money::of(1, 'USD'));
                self::fail($does);
            } catch (CurrencyMismatch $mismatch) {
                self::assertStringContainsString('GBP', $mismatch->getMessage());
                self::assertStringContainsString('USD', $mismatch->getMessage());
            }
        }
    }

    #[TestWith(['0', 0, '0%'])]
    #[TestWith(['0.000001', 1, '0.0001%'])]
    #[TestWith(['0.0000010', 1, '0.0001%'])]
    #[TestWith(['0.2', 200_000, '20%'])]
    #[TestWith(['0.019', 19_000, '1.9%'])]
    #[TestWith(['1', 1_000_000, '100%'])]
    #[TestWith(['010', 10_000_000, '1000%'])]
    #[TestWith(['10.000001', null, ''])]
    #[TestWith(['0.0000001', null, ''])]
    #[TestWith(['1,5', null, ''])]
    #[TestWith(['-0.1', null, ''])]
    #[TestWith(['.5', null, ''])]
    #[TestWith(['5.', null, ''])]
    #[TestWith(['1000', null, ''])]
    #[TestWith(["1\n", null, ''])]
    public function test_rates_from_nought_to_ten(string $typed, ?int $millionths, string $percent): void
    {
        try {
            $rate = Rate::parse($typed);
            self::assertSame([$millionths, $percent], [$rate->millionths, $rate->percent()]);
        } catch (RateUnreadable $unreadable) {
            self::assertNull($millionths, $unreadable->getMessage());
        }
    }

    #[TestWith(['a rate that is much too long', '“a rate that is much ” can’t be read as a rate. Write 0.019 for 1.9%.'])]
    #[TestWith(['0.1234567890123456789', '“0.123456789012345678” is finer than a rate goes: six decimals at most.'])]
    #[TestWith(['11', 'A rate lies between 0 and 10.'])]
    public function test_a_refused_rate_says_why(string $typed, string $said): void
    {
        $this->expectExceptionObject(new RateUnreadable($said));
        Rate::parse($typed);
    }

    public function test_basis_points_end_where_rates_end(): void
    {
        self::assertSame([0, 100, 10_000_000], array_map(
            static fn (int $bp): int => Rate::bp($bp)->millionths,
            [0, 1, 100_000],
        ));
        self::assertSame(0, Rate::none()->millionths);
        foreach ([-1, 100_001] as $bp) {
            try {
                Rate::bp($bp);
                self::fail((string) $bp);
            } catch (RateUnreadable $range) {
                self::assertSame('A rate lies between 0 and 10.', $range->getMessage());
            }
        }
    }

    public function test_rates_know_their_own_currency_and_name_one_that_is_missing(): void
    {
        $pounds = Currency::of('GBP');
        $dollars = ExchangeRate::of(Currency::of('USD'), $pounds, '0.79', 200, '2026-11-26');
        $rates = new Rates($pounds, ['USD' => $dollars]);
        self::assertSame($dollars, $rates->from(Currency::of('USD')));
        self::assertSame(1250, $rates->from($pounds)->convert(Money::of(1250, 'GBP'))->minor);
        self::assertSame([0, ''], [$rates->from($pounds)->cushionBp, $rates->from($pounds)->day]);
        $this->expectException(RateMissing::class);
        $this->expectExceptionMessage('There is no exchange rate from EUR to GBP. Set one on the cost sheet.');
        $rates->from(Currency::of('EUR'));
    }

    /** @return array<string, array{string, string, string, int, int, int}> */
    public static function conversions(): array
    {
        return [
            'with a cushion' => ['USD', 'GBP', '0.79', 200, 540, 435],
            'without' => ['USD', 'GBP', '0.79', 0, 540, 427],
            'a half goes up' => ['USD', 'GBP', '0.5', 0, 1, 1],
            'just under a half goes down' => ['USD', 'GBP', '0.4999', 0, 1, 0],
            'nothing' => ['USD', 'GBP', '0.79', 200, 0, 0],
            'less than nothing, away from nought' => ['USD', 'GBP', '0.5', 0, -1, -1],
            'into yen' => ['USD', 'JPY', '151.37', 0, 100, 151],
            'from yen' => ['JPY', 'USD', '0.0066', 0, 1_000, 660],
            'into dinars' => ['USD', 'KWD', '0.307', 0, 100, 307],
            'at the edge of whole numbers' => ['USD', 'GBP', '1', 0, 1_000_000_000, 1_000_000_000],
            'beyond it' => ['USD', 'GBP', '1', 0, 1_000_000_001, 1_000_000_001],
            'a long rate' => ['USD', 'GBP', '0.7912345678901', 200, 1_000, 807],
        ];
    }

    #[DataProvider('conversions')]
    public function test_amounts_are_turned_over_once(
        string $from,
        string $to,
        string $rate,
        int $cushion,
        int $minor,
        int $becomes,
    ): void {
        $exchange = ExchangeRate::of(Currency::of($from), Currency::of($to), $rate, $cushion, '2026-11-26');
        $money = Money::of($minor, $from);
        self::assertSame([$becomes, $to], [$exchange->convert($money)->minor, $exchange->convert($money)->currency->code]);
        // By whole numbers and by rationals it is the same.
        self::assertSame($becomes, Money::rounded($exchange->exactly($money), Currency::of($to))->minor);
        $whole = $exchange->wholeFraction();
        if ($whole !== null) {
            self::assertTrue($exchange->exactly($money)->isEqualTo(
                $money->rational()->multipliedBy($whole[0])->dividedBy($whole[1]),
            ));
        }
    }

    public function test_a_fraction_stays_in_machine_words_as_long_as_it_fits(): void
    {
        $of = static fn (string $rate): ?array => ExchangeRate::of(
            Currency::of('USD'),
            Currency::of('GBP'),
            $rate,
            0,
            '',
        )->wholeFraction();
        self::assertSame([79, 100], $of('0.79'));
        self::assertSame([1, 1_000_000_000], $of('0.000000001'));
        self::assertNull($of('0.0000000001'));
        self::assertSame([1_000_000_000, 1], $of('1000000000'));
        self::assertNull($of('1000000001'));
    }
}
