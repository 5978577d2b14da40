<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Source;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Source\Gtin;

final class GtinTest extends TestCase
{
    #[TestWith(['4006381333931', true])]
    #[TestWith(['4006381333932', false], 'the last digit is wrong')]
    #[TestWith(['73513537', true])]
    #[TestWith(['036000291452', true])]
    #[TestWith(['2000000000015', true])]
    #[TestWith(['123456789', false], 'nine digits are none')]
    #[TestWith(['40063813339 1', false])]
    #[TestWith(['', false])]
    public function test_the_last_digit_is_checked(string $code, bool $valid): void
    {
        self::assertSame($valid, Gtin::valid($code));
    }

    public function test_the_same_goods_have_the_same_number_however_it_is_written(): void
    {
        self::assertSame(Gtin::plain('036000291452'), Gtin::plain('0036000291452'));
        self::assertNull(Gtin::plain('A-1'));
        self::assertNull(Gtin::plain(null));
    }
}
