<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Pricing;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Sale\SaleTerms;
use WindowStall\Core\Pricing\Sale\Till;
use WindowStall\Core\Tax\SalesTax;

final class TillTest extends TestCase
{
    public function test_a_sale_is_cut_into_goods_delivery_fee_tax_and_what_is_kept(): void
    {
        $till = Till::ring(Money::gbp(1895), Landed::of(Money::gbp(427), Money::gbp(319)), Terms::simple('GBP', 295));
        // G = 21.90; tax = 21.90 − 21.90/1.2 = 3.65; fee = 1.5% of 21.90 + 0.20 = 0.5285; K = 18.25 − 4.27 − 3.19 −
        // 0.53
        self::assertEquals([Money::gbp(365), Money::gbp(53), Money::gbp(1026)], [$till->tax, $till->fee, $till->keep]);
        self::assertSame(5622, $till->marginBp);
        self::assertFalse($till->losesMoney());
    }

    public function test_every_line_of_a_sale_with_tax_included(): void
    {
        $terms = new SaleTerms(
            SalesTax::included(Rate::bp(2000)),
            Money::gbp(0),
            Rate::parse('0.019'),
            Money::gbp(20),
            Rate::parse('0.02'),
            Rate::parse('0.03'),
            Money::gbp(50),
        );
        $till = Till::ring(
            Money::gbp(2095),
            Landed::of(Money::gbp(334), Money::gbp(485), Money::gbp(20), Money::gbp(30)),
            $terms,
        );
        // tax 20.95 − 20.95/1.2 = 3.4917; R 17.46; payment 0.39805 + 0.20; platform 0.419; returns 0.5238
        self::assertSame(
            [349, 1746, 60, 42, 52, 869],
            [
                $till->tax->minor,
                $till->receipts->minor,
                $till->fee->minor,
                $till->platform->minor,
                $till->returns->minor,
                $till->landed->minor,
            ],
        );
        self::assertSame(1746 - 869 - 60 - 42 - 52 - 50, $till->keep->minor);
        self::assertSame(3855, $till->marginBp);
        // 20.95/1.2 = 17.4583; ÷ 8.69 − 1
        self::assertSame(10_090, $till->markupBp());
        self::assertSame(673 + 50, $till->breakEvenAdvertising()->minor);
        // 17.4583 ÷ 7.23
        self::assertSame(241, $till->returnOnAdvertisingNeeded());
    }

    public function test_every_line_of_a_sale_with_tax_on_top(): void
    {
        $terms = new SaleTerms(
            SalesTax::onTop(Rate::parse('0.0825')),
            Money::of(495, 'USD'),
            Rate::parse('0.029'),
            Money::of(30, 'USD'),
            Rate::none(),
            Rate::parse('0.02'),
        );
        $till = Till::ring(Money::of(2000, 'USD'), Landed::of(Money::of(500, 'USD'), Money::of(610, 'USD')), $terms);
        // R = 24.95; tax 2.058375; G = 27.01; payment 0.78329 + 0.30; returns 0.499
        self::assertSame(
            [2495, 206, 108, 50],
            [$till->receipts->minor, $till->tax->minor, $till->fee->minor, $till->returns->minor],
        );
        self::assertSame(2495 - 1110 - 108 - 50, $till->keep->minor);
        self::assertSame(8018, $till->markupBp(), '20.00 ÷ 11.10 − 1');
    }

    #[TestWith(['JPY', 2200, 800, 300, 200, 821])]
    #[TestWith(['KWD', 12_500, 3_000, 2_000, 1136, 5_914])]
    public function test_it_works_in_currencies_with_other_decimals(
        string $currency,
        int $price,
        int $goods,
        int $delivery,
        int $tax,
        int $keep,
    ): void {
        $money = static fn (int $n): Money => Money::of($n, $currency);
        $till = Till::ring(
            $money($price),
            Landed::of($money($goods), $money($delivery)),
            new SaleTerms(SalesTax::included(Rate::bp(1000)), $money(0), Rate::bp(360), $money(0)),
        );
        self::assertSame([$tax, $keep], [$till->tax->minor, $till->keep->minor]);
    }

    public function test_the_strip_always_adds_up_to_what_the_shopper_pays(): void
    {
        mt_srand(7);
        for ($n = 0; $n < 4000; $n++) {
            $terms = Terms::random();
            $till = Till::ring(Money::gbp(mt_rand(0, 60_000)), Terms::randomLanded(), $terms);
            $paid = $till->price->minor + $till->charged->minor + ($terms->tax->included ? 0 : $till->tax->minor);
            $lines = [
                $till->goods,
                $till->delivery,
                $till->duty,
                $till->handling,
                $till->tax,
                $till->fee,
                $till->platform,
                $till->returns,
                $till->advertising,
                $till->keep,
            ];
            self::assertSame($paid, array_sum(array_map(static fn (Money $m): int => $m->minor, $lines)));
        }
    }

    public function test_a_dear_parcel_shows_as_a_loss(): void
    {
        $till = Till::ring(Money::gbp(595), Landed::of(Money::gbp(153), Money::gbp(1176)), Terms::simple());
        self::assertTrue($till->losesMoney());
        self::assertLessThan(0, $till->marginBp);
        self::assertNull($till->returnOnAdvertisingNeeded(), 'there is nothing to spend');
    }

    public function test_nothing_taken_has_no_margin(): void
    {
        $till = Till::ring(Money::gbp(0), Landed::of(Money::gbp(0), Money::gbp(0)), Terms::simple());
        self::assertNull($till->marginBp);
        self::assertNull($till->markupBp());
    }

    public function test_the_most_that_goods_may_cost_keeps_the_margin_and_a_penny_more_doesnt(): void
    {
        mt_srand(11);
        for ($n = 0; $n < 400; $n++) {
            $terms = Terms::random();
            [$price, $margin] = [Money::gbp(mt_rand(100, 20_000)), mt_rand(0, 7000)];
            $most = Till::mostLanded($price, $terms, $margin);
            $kept = static fn (int $landed): Till => Till::ring(
                $price,
                Landed::of(Money::gbp($landed), Money::gbp(0)),
                $terms,
            );
            self::assertGreaterThanOrEqual(
                $kept(0)->receipts->minor * $margin,
                $kept($most->minor)->keep->minor * 10_000,
            );
            self::assertLessThan($kept(0)->receipts->minor * $margin, $kept($most->minor + 1)->keep->minor * 10_000);
        }
    }
}
