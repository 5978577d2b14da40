<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Landing;

use Brick\Math\BigRational;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Landing\Cost;
use WindowStall\Core\Landing\Duty;
use WindowStall\Core\Landing\DutyBase;
use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\ExchangeRate;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Money\RateMissing;
use WindowStall\Core\Money\Rates;

final class CostTest extends TestCase
{
    #[TestWith([1, 334, 485, 20, 869], '4.20 and 6.10 USD at 0.7956; duty 2.5% of 8.19468')]
    #[TestWith([3, 1002, 724, 43, 1799], '12.60 and 6.10 + 2 × 1.50; duty 2.5% of 17.26452')]
    public function test_goods_delivery_and_duty_by_hand(
        int $quantity,
        int $goods,
        int $delivery,
        int $duty,
        int $total,
    ): void {
        $landed = $this->cost(DutyBase::GoodsAndDelivery)->landed($quantity, $this->rates());
        self::assertSame([$goods, $delivery, $duty, 30, $total], $this->lines($landed));
    }

    public function test_duty_on_goods_alone_is_worked_out_before_anything_is_rounded(): void
    {
        // 2.5% of 3.34152 is 0.083538
        self::assertSame(8, $this->cost(DutyBase::Goods)->landed(1, $this->rates())->duty->minor);
    }

    public function test_each_amount_may_have_a_currency_of_its_own(): void
    {
        $cost = new Cost(
            Money::of(1000, 'JPY'),
            Money::of(500, 'EUR'),
            Money::of(100, 'EUR'),
            new Duty(Rate::bp(1000)),
            Money::of(1000, 'KWD'),
        );
        $rates = new Rates(Currency::of('GBP'), [
            'JPY' => $this->rate('JPY', '0.0053'),
            'EUR' => $this->rate('EUR', '0.86'),
            'KWD' => $this->rate('KWD', '2.57'),
        ]);
        // 5.30 + 4.30, duty 0.96, handling one dinar
        self::assertSame([530, 430, 96, 257, 1313], $this->lines($cost->landed(1, $rates)));
    }

    public function test_a_rate_nobody_gave_is_named(): void
    {
        $this->expectExceptionObject(RateMissing::between(Currency::of('USD'), Currency::of('GBP')));
        $this->cost(DutyBase::Goods)->landed(1, new Rates(Currency::of('GBP')));
    }

    #[Group('long')]
    public function test_machine_words_and_rationals_agree(): void
    {
        mt_srand(23);
        for ($n = 0; $n < 2000; $n++) {
            $cost = new Cost(
                Money::of(mt_rand(0, 900_000), 'USD'),
                Money::of(mt_rand(0, 90_000), 'USD'),
                Money::of(mt_rand(0, 9000), 'USD'),
                new Duty(new Rate(mt_rand(0, 400_000)), DutyBase::cases()[$n % 2]),
                Money::gbp(0),
            );
            $rate = ExchangeRate::of(
                Currency::of('USD'),
                Currency::of('GBP'),
                '0.'.mt_rand(1, 99_999_999),
                mt_rand(0, 500),
                '',
            );
            $quantity = mt_rand(1, 20);
            $landed = $cost->landed($quantity, new Rates(Currency::of('GBP'), ['USD' => $rate]));
            $goods = BigRational::of($cost->unit->minor * $quantity)
                ->multipliedBy($rate->rate)
                ->multipliedBy(10_000 + $rate->cushionBp)
                ->dividedBy(10_000);
            $delivery = BigRational::of($cost->deliveryFirst->minor + ($quantity - 1) * $cost->deliveryNext->minor)
                ->multipliedBy($rate->rate)
                ->multipliedBy(10_000 + $rate->cushionBp)
                ->dividedBy(10_000);
            $dutiable = $cost->duty->on === DutyBase::Goods ? $goods : $goods->plus($delivery);
            $gbp = Currency::of('GBP');
            self::assertEquals(
                [
                    Money::rounded($goods, $gbp),
                    Money::rounded($delivery, $gbp),
                    Money::rounded(
                        $dutiable->multipliedBy($cost->duty->rate->millionths)->dividedBy(Rate::WHOLE),
                        $gbp,
                    ),
                ],
                [$landed->goods, $landed->delivery, $landed->duty],
            );
        }
    }

    private function cost(DutyBase $on): Cost
    {
        return new Cost(
            Money::of(420, 'USD'),
            Money::of(610, 'USD'),
            Money::of(150, 'USD'),
            new Duty(Rate::parse('0.025'), $on),
            Money::gbp(30),
        );
    }

    private function rates(): Rates
    {
        return new Rates(Currency::of('GBP'), [
            'USD' => ExchangeRate::of(Currency::of('USD'), Currency::of('GBP'), '0.78', 200, '2026-11-24'),
        ]);
    }

    private function rate(string $from, string $rate): ExchangeRate
    {
        return ExchangeRate::of(Currency::of($from), Currency::of('GBP'), $rate, 0, '2026-11-24');
    }

    /** @return list<int> */
    private function lines(Landed $landed): array
    {
        return array_map(static fn (Money $m): int => $m->minor, [
            $landed->goods,
            $landed->delivery,
            $landed->duty,
            $landed->handling,
            $landed->total,
        ]);
    }
}
