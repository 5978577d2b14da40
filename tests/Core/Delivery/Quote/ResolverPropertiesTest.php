<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Delivery\Quote;

use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Delivery\Places\Place;
use WindowStall\Core\Delivery\Places\Territory;
use WindowStall\Core\Delivery\Quote\ParcelQuote;
use WindowStall\Core\Delivery\Quote\QuotedGoods;
use WindowStall\Core\Delivery\Quote\Resolver;
use WindowStall\Core\Delivery\Quote\WayQuote;
use WindowStall\Core\Delivery\Ways\BandCharge;
use WindowStall\Core\Delivery\Ways\BandsOf;
use WindowStall\Core\Delivery\Ways\Charge;
use WindowStall\Core\Delivery\Ways\CostCharge;
use WindowStall\Core\Delivery\Ways\FlatCharge;
use WindowStall\Core\Delivery\Ways\GoodsRule;
use WindowStall\Core\Delivery\Ways\MethodPreference;
use WindowStall\Core\Delivery\Ways\PieceCharge;
use WindowStall\Core\Delivery\Ways\PlaceTerms;
use WindowStall\Core\Delivery\Ways\RuleBy;
use WindowStall\Core\Delivery\Ways\SplitCharge;
use WindowStall\Core\Delivery\Ways\Way;
use WindowStall\Core\Landing\Offer;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Recipe\Ending;

/** Over 150 baskets that chance fills, with 24 ways each. */
final class ResolverPropertiesTest extends TestCase
{
    private Randomizer $dice;

    private static function gbp(int $minor): Money
    {
        return new Money($minor, Currency::of('GBP'));
    }

    public function test_what_holds_for_every_basket(): void
    {
        $this->dice = new Randomizer(new Mt19937(28));
        $resolver = new Resolver([
            new PlaceTerms(new Place(1, 'here', [new Territory('GB')]), self::ways(), [
                new GoodsRule(RuleBy::Tag, 'long', self::gbp(150)),
                new GoodsRule(RuleBy::Heavier, '900', self::gbp(220)),
            ]),
        ], [], new DateTimeImmutable('2026-12-01 10:00'));
        for ($n = 0; $n < 150; $n++) {
            $goods = array_map(fn (): QuotedGoods => $this->goods(), range(1, $this->dice->getInt(1, 6)));
            $ways = $resolver->resolve($goods, new Destination('GB'))->ways;
            self::assertCount(24, $ways);
            $mixed = $resolver->resolve($this->dice->shuffleArray($goods), new Destination('GB'))->ways;
            $more = $resolver->resolve([...$goods, $this->goods()], new Destination('GB'))->ways;
            foreach ($ways as $at => $way) {
                $lines = array_merge(...array_map(static fn (ParcelQuote $p): array => $p->lines, $way->parcels));
                sort($lines);
                self::assertSame(array_keys($goods), $lines, 'every line lies in one parcel');
                self::assertGreaterThanOrEqual(0, $way->charge->minor);
                self::assertLessThanOrEqual($way->latest(), $way->earliest());
                self::assertSame(self::figures($way), self::figures($mixed[$at]), 'the order of filling doesn’t matter');
                self::assertGreaterThanOrEqual($way->cost()->minor, $more[$at]->cost()->minor, 'more goods cost no less');
                if ($way->way->freeOver === null) {
                    self::assertGreaterThanOrEqual($way->charge->minor, $more[$at]->charge->minor, 'nor are they charged less');
                }
            }
            self::assertLessThanOrEqual($ways[1]->latest(), min($ways[0]->latest(), $ways[1]->latest()), 'quick is no slower');
        }
    }

    /** @return list<Way> in pairs, the cheapest and the quickest */
    private static function ways(): array
    {
        /** @var list<Charge> $charges */
        $charges = [
            new FlatCharge(self::gbp(295)),
            new PieceCharge(self::gbp(200), self::gbp(50)),
            new BandCharge(BandsOf::Weight, [['upTo' => 900, 'amount' => self::gbp(300)]], self::gbp(700)),
            new CostCharge(1_100_000, self::gbp(20), new Ending(95)),
        ];
        $ways = [];
        foreach ($charges as $charge) {
            foreach (SplitCharge::cases() as $across) {
                $free = $across === SplitCharge::Dearest ? self::gbp(5_000) : null;
                foreach (MethodPreference::cases() as $prefers) {
                    $ways[] = new Way('', $charge, $across, $free, $prefers);
                }
            }
        }

        return $ways;
    }

    private function goods(): QuotedGoods
    {
        $supplier = $this->dice->getInt(1, 3);
        $pieces = $this->dice->getInt(1, 4);
        $grams = $this->dice->getInt(20, 1_500);

        // What one supplier sends goes by its own methods, dearer the heavier it is.
        return new QuotedGoods(
            'goods',
            $supplier,
            $pieces,
            $grams,
            self::gbp($this->dice->getInt(100, 4_000)),
            null,
            $this->dice->getInt(0, 3) === 0 ? ['long'] : [],
            [
                new Offer('GB', 'Plain', self::gbp(150 + 40 * $supplier + intdiv($grams, 10)), new DayRange(2, 6), 50, self::gbp(intdiv($grams, 12))),
                new Offer('GB', 'Quick', self::gbp(300 + 30 * $supplier + intdiv($grams, 8)), new DayRange(1, 2), 50, self::gbp(intdiv($grams, 9))),
            ],
        );
    }

    /** @return list<int|string> */
    private static function figures(WayQuote $way): array
    {
        return [
            $way->plain->minor,
            $way->surcharge->minor,
            $way->charge->minor,
            $way->cost()->minor,
            $way->latest()->format('Y-m-d'),
            count($way->parcels),
        ];
    }
}
