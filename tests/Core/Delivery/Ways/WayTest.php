<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Delivery\Ways;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\Ways\BandCharge;
use WindowStall\Core\Delivery\Ways\BandsOf;
use WindowStall\Core\Delivery\Ways\Charge;
use WindowStall\Core\Delivery\Ways\CostCharge;
use WindowStall\Core\Delivery\Ways\FlatCharge;
use WindowStall\Core\Delivery\Ways\Load;
use WindowStall\Core\Delivery\Ways\PieceCharge;
use WindowStall\Core\Delivery\Ways\SplitCharge;
use WindowStall\Core\Delivery\Ways\Way;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Recipe\Ending;

final class WayTest extends TestCase
{
    private static function gbp(int $minor): Money
    {
        return new Money($minor, Currency::of('GBP'));
    }

    private static function charge(string $kind): Charge
    {
        $gbp = self::gbp(...);

        return match ($kind) {
            'flat' => new FlatCharge($gbp(295)),
            'piece' => new PieceCharge($gbp(200), $gbp(50)),
            'weight' => new BandCharge(
                BandsOf::Weight,
                [['upTo' => 1_000, 'amount' => $gbp(300)], ['upTo' => 5_000, 'amount' => $gbp(600)]],
                $gbp(1_200),
            ),
            'value' => new BandCharge(BandsOf::Value, [['upTo' => 2_000, 'amount' => $gbp(400)]], $gbp(250)),
            'cost' => new CostCharge(1_000_000, $gbp(0), new Ending(95)),
            default => new CostCharge(1_250_000, $gbp(30)),
        };
    }

    #[TestWith(['flat', 1, 300, 1_000, 237, 295])]
    #[TestWith(['flat', 9, 9_000, 90_000, 5_000, 295])]
    #[TestWith(['piece', 1, 300, 1_000, 237, 200])]
    #[TestWith(['piece', 4, 300, 1_000, 237, 350])]
    #[TestWith(['weight', 1, 999, 1_000, 237, 300])]
    #[TestWith(['weight', 1, 1_000, 1_000, 237, 300], 'a mark belongs to its band')]
    #[TestWith(['weight', 1, 1_001, 1_000, 237, 600])]
    #[TestWith(['weight', 1, 5_001, 1_000, 237, 1_200])]
    #[TestWith(['weight', 1, null, 1_000, 237, 1_200], 'what weighs nobody knows how much goes like the heaviest')]
    #[TestWith(['value', 1, 300, 2_000, 237, 400])]
    #[TestWith(['value', 1, 300, 2_001, 237, 250])]
    #[TestWith(['cost', 1, 300, 1_000, 237, 295], 'to the next .95')]
    #[TestWith(['cost', 1, 300, 1_000, 295, 295])]
    #[TestWith(['cost', 1, 300, 1_000, 296, 395])]
    #[TestWith(['cost', 1, 300, 1_000, null, null])]
    #[TestWith(['more', 1, 300, 1_000, 237, 327], '2.37 × 1.25 = 2.9625, up to 2.97, and 0.30')]
    #[TestWith(['more', 1, 300, 1_000, 0, 30])]
    public function test_a_charge_goes_by_what_it_says(
        string $kind,
        int $pieces,
        ?int $grams,
        int $goods,
        ?int $cost,
        ?int $asked,
    ): void {
        $load = new Load($pieces, $grams, self::gbp($goods), $cost === null ? null : self::gbp($cost));
        $charge = self::charge($kind);
        self::assertSame($asked, $charge->of($load)?->minor);
        self::assertTrue($asked === null || $charge->least()->minor <= $asked);
    }

    #[TestWith(['flat', 'once', 295])]
    #[TestWith(['flat', 'sum', 590])]
    #[TestWith(['flat', 'dearest', 295])]
    #[TestWith(['piece', 'once', 300], 'three pieces as one parcel')]
    #[TestWith(['piece', 'sum', 450])]
    #[TestWith(['piece', 'dearest', 250])]
    #[TestWith(['weight', 'once', 600], '1.2 kg together')]
    #[TestWith(['weight', 'sum', 600])]
    #[TestWith(['weight', 'dearest', 300])]
    #[TestWith(['value', 'once', 250], '£30 together')]
    #[TestWith(['value', 'sum', 800])]
    #[TestWith(['cost', 'once', 695], '£6.00 together')]
    #[TestWith(['cost', 'sum', 790], '£2.95 and £4.95')]
    #[TestWith(['cost', 'dearest', 495])]
    public function test_several_parcels_are_charged_as_the_stall_says(string $kind, string $across, int $asked): void
    {
        $way = new Way('', self::charge($kind), SplitCharge::from($across));
        $loads = [
            new Load(1, 400, self::gbp(1_000), self::gbp(200)),
            new Load(2, 800, self::gbp(2_000), self::gbp(400)),
        ];
        self::assertSame($asked, $way->charged($loads)?->minor);
    }

    #[TestWith([3_999, false])]
    #[TestWith([4_000, true])]
    public function test_it_is_free_from_its_value_on(int $goods, bool $free): void
    {
        self::assertSame($free, (new Way('', self::charge('flat'), freeOver: self::gbp(4_000)))->isFreeFor(self::gbp($goods)));
        self::assertFalse((new Way('', self::charge('flat')))->isFreeFor(self::gbp($goods)));
    }

    public function test_one_parcel_of_unknown_cost_leaves_the_whole_unknown(): void
    {
        $loads = [new Load(1, 1, self::gbp(1), self::gbp(200)), new Load(1, 1, self::gbp(1), null)];
        foreach (SplitCharge::cases() as $across) {
            self::assertNull((new Way('', self::charge('cost'), $across))->charged($loads));
        }
    }

    public function test_marks_of_bands_rise(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        $band = ['upTo' => 5, 'amount' => self::gbp(1)];
        new BandCharge(BandsOf::Weight, [$band, $band], self::gbp(2));
    }
}
