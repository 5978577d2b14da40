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
    #[TestWith(['.', 'free', null])]
    #[TestWith(['.', '1.234,00', null], 'written the other way: no guess')]
    #[TestWith([',', '12,34,56', null])]
    #[TestWith(['.', '12 pcs', null])]
    #[TestWith(['.', '', null])]
    public function test_a_figure_is_read_or_refused(string $sign, string $text, ?string $read): void
    {
        self::assertSame($read, DecimalSign::from($sign)->read($text));
    }
}
