<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Money;

use Brick\Math\BigRational;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\CurrencyMismatch;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\MoneyUnreadable;

final class MoneyTest extends TestCase
{
    #[TestWith(['18.95', 1895])]
    #[TestWith([' £18.95 ', 1895])]
    #[TestWith(['18,95', 1895], 'a comma before two digits is a decimal sign')]
    #[TestWith(['1,250', 125_000], 'a comma before three digits parts thousands')]
    #[TestWith(['1,250.50', 125_050])]
    #[TestWith(['1.250,5', 125_050])]
    #[TestWith(['5', 500])]
    #[TestWith(['5.', 500])]
    #[TestWith(['0.5', 50])]
    #[TestWith(['18.950', 1895], 'noughts at the end add nothing')]
    #[TestWith(['-3.00', -300])]
    public function test_what_people_type_is_read(string $typed, int $minor): void
    {
        self::assertSame($minor, Money::parse($typed, Currency::of('GBP'))->minor);
    }

    #[TestWith(['free'])]
    #[TestWith([''])]
    #[TestWith(['1.2.3'])]
    #[TestWith(['12.999'], 'finer than a penny')]
    #[TestWith(['1000001'], 'more than a till holds')]
    #[TestWith(['99999999999999999999'])]
    #[TestWith(['1e5'])]
    #[TestWith(['<b>5</b>'])]
    public function test_what_is_no_amount_is_refused_with_a_sentence(string $typed): void
    {
        $this->expectException(MoneyUnreadable::class);
        $this->expectExceptionMessageMatches('/[.]$/');
        Money::parse($typed, Currency::of('GBP'));
    }

    #[TestWith(['JPY', '1200', 1200, '1200'])]
    #[TestWith(['KWD', '1.234', 1234, '1.234'])]
    #[TestWith(['GBP', '0.05', 5, '0.05'])]
    public function test_currencies_keep_their_own_decimals(
        string $code,
        string $typed,
        int $minor,
        string $digits,
    ): void {
        $money = Money::parse($typed, Currency::of($code));
        self::assertSame($minor, $money->minor);
        self::assertSame($digits, $money->digits());
    }

    #[TestWith([1, 2, 1], 'half a penny goes up')]
    #[TestWith([-1, 2, -1], 'and away from nought below it')]
    #[TestWith([149, 100, 1])]
    public function test_rounding_is_half_up(int $numerator, int $denominator, int $expected): void
    {
        self::assertSame(
            $expected,
            Money::rounded(BigRational::nd($numerator, $denominator), Currency::of('GBP'))->minor,
        );
    }

    public function test_two_currencies_never_add_up(): void
    {
        $this->expectException(CurrencyMismatch::class);
        Money::gbp(100)->plus(Money::of(100, 'EUR'));
    }
}
