<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Landing;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Landing\Caution;
use WindowStall\Core\Landing\CautionAcross;
use WindowStall\Core\Landing\CautionKind;
use WindowStall\Core\Landing\LandedCost;
use WindowStall\Core\Landing\Offer;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rates;

final class CautionTest extends TestCase
{
    public function test_a_sound_item_raises_no_caution(): void
    {
        self::assertSame([], $this->kinds(900, 300, 'GB', 5, 2400, ['GB' => 9]));
    }

    public function test_each_trap_is_noticed(): void
    {
        self::assertSame([CautionKind::DearDelivery], $this->kinds(190, 1460, 'GB', 5, 9000, ['GB' => 9]));
        self::assertSame([CautionKind::RrpUnderLanded], $this->kinds(900, 300, 'GB', 5, 1000, ['GB' => 9]));
        self::assertSame([CautionKind::NothingNear], $this->kinds(900, 300, 'CN', 22, 2400, ['CN' => 9]));
        self::assertSame([CautionKind::SoldOut], $this->kinds(900, 300, 'GB', 5, null, ['GB' => 0]));
    }

    public function test_a_short_way_from_abroad_is_near_enough(): void
    {
        self::assertSame([], $this->kinds(900, 300, 'DE', 9, null, ['DE' => 9]));
    }

    public function test_it_carries_the_figures(): void
    {
        $caution = Caution::about($this->landed(900, 300, 'GB', 5, 9), Money::gbp(1000), ['GB' => 9], 'GB')[0];
        self::assertEquals([Money::gbp(1000), Money::gbp(1200)], [$caution->one, $caution->other]);
    }

    public function test_an_item_is_judged_by_all_its_variants_and_says_of_which_it_holds(): void
    {
        $variant = fn (string $label, string $from, int $days, array $stock): array => [
            'label' => $label,
            'landed' => $this->landed(900, 300, $from, $days, (int) array_sum($stock)),
            'rrp' => null,
            'stock' => $stock,
        ];
        $near = $variant('Green', 'GB', 4, ['GB' => 112]);
        $far = $variant('Red', 'CN', 22, ['CN' => 9]);
        $farther = $variant('Blue', 'CN', 25, ['CN' => 9]);
        self::assertSame([], CautionAcross::of([$near, $variant('Tan', 'GB', 4, ['GB' => 150])], 'GB'));
        $some = CautionAcross::of([$far, $near, $farther], 'GB');
        self::assertSame([CautionKind::NothingNear], array_map(static fn ($c): CautionKind => $c->worst->kind, $some));
        self::assertSame([['Red', 'Blue'], 3, false], [$some[0]->labels, $some[0]->of, $some[0]->all()]);
        self::assertSame(25, $some[0]->worst->days?->max, 'the figures are those of the worst');
        self::assertTrue(CautionAcross::of([$far, $farther], 'GB')[0]->all());
    }

    /**
     * @param  array<string, int>  $stock
     * @return list<CautionKind>
     */
    private function kinds(int $goods, int $delivery, string $from, int $days, ?int $rrp, array $stock): array
    {
        return array_map(
            static fn (Caution $c): CautionKind => $c->kind,
            Caution::about(
                $this->landed($goods, $delivery, $from, $days, (int) array_sum($stock)),
                $rrp === null ? null : Money::gbp($rrp),
                $stock,
                'GB',
            ),
        );
    }

    private function landed(int $goods, int $delivery, string $from, int $days, int $stock): LandedCost
    {
        $landed = LandedCost::best(
            Money::gbp($goods),
            [new Offer($from, 'Economy', Money::gbp($delivery), new DayRange(1, $days), $stock)],
            new Rates(Currency::of('GBP')),
        );
        self::assertNotNull($landed);

        return $landed;
    }
}
