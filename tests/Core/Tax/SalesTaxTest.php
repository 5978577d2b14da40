<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Tax;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Tax\SalesTax;

final class SalesTaxTest extends TestCase
{
    #[TestWith([1200, 2000, 200])]
    #[TestWith([100, 2100, 17])]
    #[TestWith([1895, 0, 0])]
    #[TestWith([3, 2000, 1], 'half a penny goes up')]
    public function test_the_tax_within_a_price(int $gross, int $rateBp, int $tax): void
    {
        self::assertEquals(Money::gbp($tax), SalesTax::included(Rate::bp($rateBp))->on(Money::gbp($gross)));
    }

    #[TestWith([-1])]
    #[TestWith([10_001])]
    public function test_a_rate_lies_between_nought_and_the_whole(int $bp): void
    {
        $this->expectException(\InvalidArgumentException::class);
        SalesTax::included(Rate::bp($bp));
    }
}
