<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Landing;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Landing\LandedCost;
use WindowStall\Core\Landing\Offer;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\ExchangeRate;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rates;

final class LandedCostTest extends TestCase
{
    public function test_the_cheapest_way_with_stock_is_taken(): void
    {
        $landed = $this->best([
            $this->offer('CN', 180, 22, 900),
            $this->offer('GB', 310, 4, 12),
            $this->offer('US', 90, 9, 0),
        ]);
        self::assertSame('CN', $landed?->by->warehouse);
        self::assertEquals(Money::of(720, 'USD'), $landed->total);
    }

    public function test_of_two_at_one_price_the_faster_then_the_deeper_stock_is_taken(): void
    {
        self::assertSame(
            'GB',
            $this->best([$this->offer('DE', 300, 9, 50), $this->offer('GB', 300, 4, 5)])?->by->warehouse,
        );
        self::assertSame(
            'DE',
            $this->best([$this->offer('DE', 300, 4, 50), $this->offer('GB', 300, 4, 5)])?->by->warehouse,
        );
    }

    public function test_a_sold_out_item_still_shows_what_it_would_cost(): void
    {
        self::assertSame('GB', $this->best([$this->offer('GB', 300, 4, 0)])?->by->warehouse);
    }

    public function test_where_nothing_is_delivered_there_is_no_landed_cost(): void
    {
        self::assertNull($this->best([]));
    }

    public function test_goods_and_delivery_are_each_turned_and_rounded_once(): void
    {
        $rate = ExchangeRate::of(Currency::of('USD'), Currency::of('GBP'), '0.79', 200, '2026-11-02');
        $landed = LandedCost::best(
            Money::of(190, 'USD'),
            [$this->offer('CN', 1460, 22, 9)],
            new Rates(Currency::of('GBP'), ['USD' => $rate]),
        );
        self::assertNotNull($landed);
        self::assertEquals(
            [Money::gbp(153), Money::gbp(1176), Money::gbp(1329)],
            [$landed->goods, $landed->delivery, $landed->total],
        );
        self::assertTrue($landed->deliveryOutweighsGoods());
    }

    /** @param  list<Offer>  $offers */
    private function best(array $offers): ?LandedCost
    {
        return LandedCost::best(Money::of(540, 'USD'), $offers, new Rates(Currency::of('USD')));
    }

    private function offer(string $warehouse, int $delivery, int $days, int $stock): Offer
    {
        return new Offer($warehouse, 'Economy', Money::of($delivery, 'USD'), new DayRange(1, $days), $stock);
    }
}
