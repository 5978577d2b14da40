<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Feeds;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Feeds\DecimalSign;

final class DecimalSignTest extends TestCase
{
    /** @param  list<string>  $sample */
    #[TestWith([['6.40', '10.50'], DecimalSign::Point])]
    #[TestWith([['6,40', '10,50'], DecimalSign::Comma])]
    #[TestWith([['1.234,00', '12'], DecimalSign::Comma])]
    #[TestWith([['1,234.00', '12'], DecimalSign::Point])]
    #[TestWith([['1.234.567'], DecimalSign::Comma])]
    #[
        TestWith(
            [['1,234', '5,678'], DecimalSign::Point],
            'three digits after it speak for neither, and the point is usual',
        ),
    ]
    #[TestWith([['1.234 €', '5.678 €'], DecimalSign::Comma], 'hardly a price has three decimals')]
    #[TestWith([['4,20 €', '10,00 €'], DecimalSign::Comma], 'a space before the sign of money')]
    #[TestWith([['1 234,50 €'], DecimalSign::Comma])]
    #[TestWith([['1.234', '0.5'], DecimalSign::Point], 'one that fits one way only decides')]
    #[TestWith([['€ 6,4', 'n/a', ''], DecimalSign::Comma])]
    #[TestWith([[], DecimalSign::Point])]
    public function test_the_sign_is_known_from_a_sample(array $sample, DecimalSign $sign): void
    {
        self::assertSame($sign, DecimalSign::of($sample));
    }

    #[TestWith([',', '1.234,50 €', '1234.50'])]
    #[TestWith([',', '1.234,00', '1234.00'])]
    #[TestWith([',', '6,4', '6.4'])]
    #[TestWith(['.', '1,234.50', '1234.50'])]
    #[TestWith(['.', '£6.40', '6.40'])]
    #[TestWith(['.', 'GBP 6.40', '6.40'])]
    #[TestWith(['.', '-3', '-3'])]
    #[TestWith(['.', "1'234.5", '1234.5'])]
    #[TestWith(['.', '5.', '5'])]
    #[TestWith([',', '4,20 €', '4.20'])]
    #[TestWith([',', '1 234,50 €', '1234.50'])]
    #[TestWith(['.', '1,234 GBP', '1234'])]
    #[TestWith([',', '1.234 €', '1234'])]
    #[TestWith(['.', 'US$ 5.00', '5.00'])]
    #[TestWith([',', 'R$ 5,00', '5.00'])]
    #[TestWith([',', 'kr 45', '45'])]
    #[TestWith([',', '4,20 zł', '4.20'])]
    #[TestWith(['.', 'Rs. 500', '500'])]
    #[TestWith(['.', 'gbp 4.20', '4.20'])]
    #[TestWith(['.', '.50', '0.50'])]
    #[TestWith([',', '5,-', '5'])]
    #[TestWith([',', '5,– kr', '5'])]
    #[TestWith(['.', '1’234.50', '1234.50'])]
    #[TestWith(['.', '-.5', '-0.5'])]
    #[TestWith(['.', '0,500', null], 'no group of thousands begins with nought')]
    #[TestWith(['.', '.', null])]
    #[TestWith(['.', '€', null])]
    #[TestWith(['.', '5 zzz', null], 'that is no money')]
    #[TestWith(['.', 'free', null])]
    #[TestWith(['.', '1.234,00', null], 'written the other way: no guess')]
    #[TestWith([',', '12,34,56', null])]
    #[TestWith(['.', '12 pcs', null])]
    #[TestWith(['.', '', null])]
    public function test_a_figure_is_read_or_refused(string $sign, string $text, ?string $read): void
    {
        self::assertSame($read, DecimalSign::from($sign)->read($text));
    }

    /** @param  list<string>  $sample */
    #[TestWith([['6.40', '1,234.50'], null])]
    #[TestWith([[], null])]
    #[TestWith([['12', '40'], null])]
    #[TestWith([['1,234'], '“1,234” can be read as 1234 or as 1.234, and no figure here tells which. Say it.'])]
    #[
        TestWith([
            ['4,20', '4.20', '5.10'],
            '“4.20” has a decimal point and “4,20” a decimal comma. Rows with the other sign are left out.',
        ]),
    ]
    public function test_a_person_is_asked_where_more_than_one_reading_fits(array $sample, ?string $doubt): void
    {
        self::assertSame($doubt, DecimalSign::guess($sample)->doubt);
    }

    public function test_what_is_written_either_way_is_read_that_way_and_no_other(): void
    {
        mt_srand(3);
        for ($n = 0; $n < 4_000; $n++) {
            $minor = mt_rand(0, 99_999_999);
            $exact = sprintf('%d.%02d', intdiv($minor, 100), $minor % 100);
            $money = ['', '€', ' €', ' EUR', ' zł', ' kr'][mt_rand(0, 5)];
            $point = number_format($minor / 100, 2, '.', [',', '', ' ', '’'][mt_rand(0, 3)]).$money;
            $comma = number_format($minor / 100, 2, ',', ['.', '', ' ', '’'][mt_rand(0, 3)]).$money;
            self::assertSame($exact, DecimalSign::Point->read($point), $point);
            self::assertSame($exact, DecimalSign::Comma->read($comma), $comma);
            self::assertNull(DecimalSign::Comma->read($point), $point);
            self::assertNull(DecimalSign::Point->read($comma), $comma);
        }
    }
}
