<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Pricing;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\SaleTerms;
use WindowStall\Core\Pricing\Till;
use WindowStall\Core\Tax\IncludedTax;

final class TillTest extends TestCase
{
    public function test_a_sale_is_cut_into_goods_delivery_fee_tax_and_what_is_kept(): void
    {
        $till = $this->ring(1895, 295, 427, 319);
        // G = 21.90; tax = 21.90 − 21.90/1.2 = 3.65; fee = 1.5% of 21.90 + 0.20 = 0.5285; K = 18.25 − 4.27 − 3.19 − 0.53
        self::assertEquals(Money::gbp(365), $till->tax);
        self::assertEquals(Money::gbp(53), $till->fee);
        self::assertEquals(Money::gbp(1026), $till->keep);
        self::assertSame(5622, $till->marginBp);
        self::assertFalse($till->losesMoney());
    }

    public function test_the_strip_always_adds_up_to_what_the_shopper_pays(): void
    {
        mt_srand(7);
        for ($n = 0; $n < 2000; $n++) {
            [$price, $charged, $goods, $delivery] = [mt_rand(0, 60_000), mt_rand(0, 900), mt_rand(0, 30_000), mt_rand(0, 9_000)];
            $t = Till::ring(Money::gbp($price), Money::gbp($charged), Money::gbp($goods), Money::gbp($delivery), new SaleTerms(new IncludedTax(mt_rand(0, 2700)), mt_rand(0, 500), Money::gbp(mt_rand(0, 40))));
            self::assertSame($price + $charged, $t->goods->minor + $t->delivery->minor + $t->fee->minor + $t->tax->minor + $t->keep->minor);
        }
    }

    public function test_a_dear_parcel_shows_as_a_loss(): void
    {
        $till = $this->ring(595, 0, 153, 1176);
        self::assertTrue($till->losesMoney());
        self::assertLessThan(0, $till->marginBp);
    }

    public function test_nothing_taken_has_no_margin_and_no_fee(): void
    {
        $till = $this->ring(0, 0, 100, 0);
        self::assertNull($till->marginBp);
        self::assertEquals(Money::gbp(0), $till->fee);
        self::assertEquals(Money::gbp(-100), $till->keep);
    }

    public function test_it_works_in_a_currency_without_decimals(): void
    {
        $yen = static fn (int $n): Money => new Money($n, Currency::of('JPY'));
        $till = Till::ring($yen(2200), $yen(0), $yen(800), $yen(300), new SaleTerms(new IncludedTax(1000), 360, $yen(0)));
        self::assertSame([200, 79, 821], [$till->tax->minor, $till->fee->minor, $till->keep->minor]);
    }

    private function ring(int $price, int $charged, int $goods, int $delivery): Till
    {
        return Till::ring(Money::gbp($price), Money::gbp($charged), Money::gbp($goods), Money::gbp($delivery), new SaleTerms(new IncludedTax(2000), 150, Money::gbp(20)));
    }

    public function test_the_most_that_goods_may_cost_keeps_the_margin_and_a_penny_more_doesnt(): void
    {
        mt_srand(11);
        for ($n = 0; $n < 400; $n++) {
            $terms = new SaleTerms(new IncludedTax(mt_rand(0, 2500)), mt_rand(0, 400), Money::gbp(mt_rand(0, 40)));
            [$price, $charged, $margin] = [Money::gbp(mt_rand(100, 20_000)), Money::gbp(mt_rand(0, 500)), mt_rand(0, 7000)];
            $most = Till::mostLanded($price, $charged, $terms, $margin);
            $kept = static fn (int $landed): Till => Till::ring($price, $charged, Money::gbp($landed), Money::gbp(0), $terms);
            $receipts = $price->minor + $charged->minor - $kept(0)->tax->minor;
            self::assertGreaterThanOrEqual($receipts * $margin, $kept($most->minor)->keep->minor * 10_000);
            self::assertLessThan($receipts * $margin, $kept($most->minor + 1)->keep->minor * 10_000);
        }
    }
}
