<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Basket;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use WindowStall\Core\Basket\BasketLine;
use WindowStall\Core\Basket\Codes\Allotment;
use WindowStall\Core\Basket\Codes\AmountOff;
use WindowStall\Core\Basket\Codes\Discount;
use WindowStall\Core\Basket\Codes\DiscountedLine;
use WindowStall\Core\Basket\Codes\PercentOff;
use WindowStall\Core\Basket\Totals;
use WindowStall\Core\Dispatch\Refund\PaidLine;
use WindowStall\Core\Dispatch\Refund\Refundable;
use WindowStall\Core\Dispatch\Refund\RefundAsked;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Offers\Ladder;
use WindowStall\Core\Pricing\Offers\Rung;
use WindowStall\Core\Pricing\Offers\RungKind;
use WindowStall\Core\Tax\SalesTax;
use WindowStall\Core\Tax\TaxRules;

/** Ladders held against trying every rung with exact fractions, through codes and refunds. */
final class LaddersInBasketsTest extends TestCase
{
    private Randomizer $dice;

    protected function setUp(): void
    {
        $this->dice = new Randomizer(new Mt19937(832));
    }

    public function test_lines_of_the_same_goods_climb_together_to_the_rung_that_costs_least(): void
    {
        $mixed = 0;
        for ($n = 0; $n < 1_500; $n++) {
            $ladder = $this->ladder();
            $lines = $this->lines($this->dice->getInt(1, 4));
            $prices = $ladder->prices($lines);
            $alone = array_sum(array_map(fn (array $line): int => $this->tried($ladder, [$line]), $lines));
            self::assertSame(min($alone, $this->tried($ladder, $lines)), array_sum($prices), 'case '.$n);
            foreach ($prices as $at => $minor) {
                self::assertGreaterThanOrEqual(0, $minor);
                self::assertLessThanOrEqual($lines[$at]['piece'] * $lines[$at]['pieces'], $minor, 'no line costs more than without');
            }
            $mixed += (int) (array_sum($prices) < $alone - count($lines));
        }
        self::assertGreaterThan(200, $mixed, 'and often less');
    }

    public function test_with_codes_on_top_all_that_was_paid_and_no_more_comes_back_piece_by_piece(): void
    {
        for ($n = 0; $n < 300; $n++) {
            $ladder = $this->ladder();
            $lines = $this->lines($this->dice->getInt(1, 4));
            $basket = array_map(
                static fn (array $line, int $minor): BasketLine => new BasketLine(
                    Money::gbp($line['piece']),
                    $line['pieces'],
                    $ladder,
                    Money::gbp($minor),
                ),
                $lines,
                $ladder->prices($lines),
            );
            $off = Allotment::of(
                array_map(
                    static fn (int $at, BasketLine $l): DiscountedLine => new DiscountedLine($at, $l->quantity, $l->total()->minor),
                    array_keys($basket),
                    $basket,
                ),
                [
                    new Discount(1, new PercentOff(Rate::bp($this->dice->getInt(0, 3_000)))),
                    new Discount(2, new AmountOff(Money::gbp($this->dice->getInt(1, 500)))),
                ],
            )->lines;
            $taken = array_map(static fn (int $at): int => $off[$at] ?? 0, array_keys($basket));
            $tax = SalesTax::included(Rate::parse('0.20'));
            $totals = Totals::of(
                $basket,
                array_fill(0, count($basket), $tax->rate),
                $taken,
                Money::gbp(295),
                new TaxRules(included: true),
                $tax->rate,
                Money::gbp(0)->currency,
            );
            self::assertSame(
                array_sum(array_map(static fn (BasketLine $l): int => $l->total()->minor, $basket)) - array_sum($off) + 295,
                $totals->total->minor,
            );
            $left = Refundable::of(
                array_map(
                    static fn (int $at, BasketLine $l): PaidLine => new PaidLine(
                        $at,
                        $l->quantity,
                        $l->total()->minor - $taken[$at],
                        $tax->rate->millionths,
                    ),
                    array_keys($basket),
                    $basket,
                ),
                295,
                $totals->rates,
                onTop: false,
            );
            self::assertSame([$totals->total->minor, $totals->tax->minor], $this->givenBack($left), 'case '.$n);
        }
    }

    /** @return array{int, int} all of it and the tax within, given back in portions until nothing is left */
    private function givenBack(Refundable $left): array
    {
        $back = $tax = 0;
        while (array_filter($left->pieces) !== []) {
            $line = array_rand(array_filter($left->pieces));
            $given = $left->give(new RefundAsked([$line => $this->dice->getInt(1, $left->pieces[$line])]));
            if ($given->total < 0) {
                self::fail('Nobody pays for sending something back.');
            }
            [$back, $tax, $left] = [$back + $given->total, $tax + $given->tax, $left->less($given)];
        }
        $rest = $left->give(new RefundAsked(delivery: $left->delivery()));

        return [$back + $rest->total, $tax + $rest->tax];
    }

    private function ladder(): Ladder
    {
        $rungs = [];
        foreach (array_slice([2, 3, 4, 6, 10], 0, $this->dice->getInt(1, 5)) as $pieces) {
            $rungs[] = match ($this->dice->getInt(0, 2)) {
                0 => Rung::percent($pieces, Rate::bp($this->dice->getInt(1, 6_000))),
                1 => Rung::amount($pieces, Money::gbp($this->dice->getInt(1, 900))),
                default => Rung::total($pieces, Money::gbp($this->dice->getInt(100, 1_500) * $pieces)),
            };
        }

        return new Ladder($rungs);
    }

    /**
     * @param  int<1, max>  $count
     * @return non-empty-list<array{piece: int, pieces: int}>
     */
    private function lines(int $count): array
    {
        return array_map(
            fn (): array => ['piece' => $this->dice->getInt(1, 2_000), 'pieces' => $this->dice->getInt(1, 5)],
            range(1, $count),
        );
    }

    /**
     * Every rung that is reached, and none, in exact fractions.
     *
     * @param  non-empty-list<array{piece: int, pieces: int}>  $lines
     * @return int what the cheapest comes to
     */
    private function tried(Ladder $ladder, array $lines): int
    {
        $each = [];
        foreach ($lines as $line) {
            $each = [...$each, ...array_fill(0, $line['pieces'], BigRational::of($line['piece']))];
        }
        $sum = static fn (array $pieces): BigRational => array_reduce(
            $pieces,
            static fn (BigRational $sum, BigRational $one): BigRational => $sum->plus($one),
            BigRational::zero(),
        );
        $tried = [$sum($each)];
        foreach ($ladder->rungs as $rung) {
            if (count($each) < $rung->pieces) {
                continue;
            }
            $tried[] = match ($rung->kind) {
                RungKind::Percent => $sum($each)->multipliedBy(1_000_000 - $rung->value)->dividedBy(1_000_000),
                RungKind::Amount => $sum(array_map(static fn (BigRational $one): BigRational => $one->isGreaterThan($rung->value)
                    ? $one->minus($rung->value)
                    : BigRational::zero(), $each)),
                RungKind::Total => BigRational::of($rung->value)->multipliedBy(count($each))->dividedBy($rung->pieces),
            };
        }

        return min(array_map(static fn (BigRational $one): int => $one->toScale(0, RoundingMode::HALF_UP)->toInt(), $tried));
    }
}
