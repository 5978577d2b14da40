<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Basket\Codes;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Basket\Codes\CodeNotation;
use WindowStall\Core\Basket\Codes\TypedCode;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Pricing\Recipe\Fields;

final class TypedCodeTest extends TestCase
{
    #[TestWith(['beans10', 'BEANS10'])]
    #[TestWith(["  Be\tans-10 \n", 'BEANS10'])]
    #[TestWith(['grün 5', 'GRÜN5'])]
    #[TestWith(["BEANS\u{202E}10", 'BEANS10'])]
    #[TestWith(['', null])]
    #[TestWith([' - ', null])]
    #[TestWith(['10%', null])]
    #[TestWith(['💥', null])]
    #[TestWith(["\xff\xfe", null])]
    public function test_a_code_is_read_in_any_case_and_with_spaces(string $typed, ?string $code): void
    {
        self::assertSame($code, TypedCode::read($typed));
    }

    public function test_ten_thousand_letters_are_none(): void
    {
        self::assertNull(TypedCode::read(str_repeat('A', 10_000)));
        self::assertSame(str_repeat('A', 40), TypedCode::read(str_repeat('a', 40)));
    }

    /** @param  array<string, mixed>  $written */
    #[TestWith([['by' => 'percent', 'share' => '0.125'], null])]
    #[TestWith([['by' => 'amount', 'amount' => '5.00'], null])]
    #[TestWith([['by' => 'pieces', 'of' => 3, 'paid' => 2], null])]
    #[TestWith([['by' => 'delivery'], null])]
    #[TestWith([['by' => 'percent', 'share' => '0'], 'off.share'])]
    #[TestWith([['by' => 'percent', 'share' => '1.01'], 'off.share'])]
    #[TestWith([['by' => 'amount', 'amount' => '-1.00'], 'off.amount'])]
    #[TestWith([['by' => 'amount', 'amount' => '0.00'], 'off.amount'])]
    #[TestWith([['by' => 'pieces', 'of' => 2, 'paid' => 2], 'off.paid'])]
    #[TestWith([['by' => 'pieces', 'of' => 21, 'paid' => 2], 'off.of'])]
    #[TestWith([['by' => 'gift', 'goods' => 12], null])]
    #[TestWith([['by' => 'gift', 'goods' => 0], 'off.goods'])]
    #[TestWith([['by' => 'gift'], 'off.goods'])]
    #[TestWith([['by' => 'something'], 'off.by'])]
    public function test_what_is_taken_off_is_read_and_written(array $written, ?string $amiss): void
    {
        $fields = new Fields(['off' => $written]);
        $read = CodeNotation::read($fields, 'off', Currency::of('GBP'));
        self::assertSame($amiss === null ? [] : [$amiss], array_keys($fields->problems()));
        if ($amiss === null) {
            self::assertEquals($written, CodeNotation::write($read));
        }
    }
}
