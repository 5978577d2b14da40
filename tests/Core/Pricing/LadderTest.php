<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Pricing;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Offers\Ladder;
use WindowStall\Core\Pricing\Offers\Rung;
use WindowStall\Core\Pricing\Offers\RungFigures;
use WindowStall\Core\Pricing\Recipe\Floor;
use WindowStall\Core\Pricing\Recipe\RecipeUnreadable;
use WindowStall\Core\Pricing\Sale\Till;

final class LadderTest extends TestCase
{
    public function test_rungs_by_percent_amount_and_total(): void
    {
        $ladder = new Ladder([
            Rung::total(4, Money::gbp(3000)),
            Rung::percent(2, Rate::bp(1000)),
            Rung::amount(3, Money::gbp(150)),
        ]);
        $prices = array_map(static fn (int $n): int => $ladder->price(Money::gbp(995), $n)->minor, [1, 2, 3, 4, 5]);
        // 9.95; 19.90 − 10%; 3 × 8.45; 30.00; 5 × 7.50
        self::assertSame([995, 1791, 2535, 3000, 3750], $prices);
    }

    public function test_a_rung_dearer_than_single_pieces_costs_no_more_than_they_do(): void
    {
        self::assertSame(1990, (new Ladder([Rung::total(2, Money::gbp(2500))]))->price(Money::gbp(995), 2)->minor);
        self::assertSame(
            0,
            (new Ladder([Rung::amount(2, Money::gbp(1200))]))->price(Money::gbp(995), 2)->minor,
            'and nothing is never undercut',
        );
    }

    public function test_a_ladder_rises_where_a_rung_is_no_step_down(): void
    {
        $piece = Money::gbp(995);
        self::assertNull((new Ladder([Rung::percent(2, Rate::bp(1000)), Rung::percent(3, Rate::bp(1001))]))->rises($piece));
        self::assertSame(3, (new Ladder([Rung::percent(2, Rate::bp(1000)), Rung::percent(3, Rate::bp(1000))]))->rises($piece));
        self::assertSame(2, (new Ladder([Rung::total(2, Money::gbp(1990))]))->rises($piece));
        self::assertSame(4, (new Ladder([Rung::amount(2, Money::gbp(100)), Rung::total(4, Money::gbp(3600))]))->rises($piece));
    }

    public function test_one_more_rung_begins_a_piece_further_and_cheaper_than_the_last(): void
    {
        $ladder = new Ladder([]);
        $offered = [];
        for ($n = 0; $n < 12; $n++) {
            $next = $ladder->next();
            $offered[] = [$next->pieces, intdiv($next->value, 10_000)];
            $ladder = new Ladder([...$ladder->rungs, $next]);
        }
        self::assertSame([[2, 10], [3, 15], [4, 20]], array_slice($offered, 0, 3));
        self::assertSame([13, 50], $offered[11], 'never more than half off');
        self::assertSame(8, (new Ladder([Rung::amount(7, Money::gbp(100))]))->next()->pieces);
    }

    public function test_two_rungs_at_one_number_are_refused(): void
    {
        $this->expectException(RecipeUnreadable::class);
        new Ladder([Rung::total(2, Money::gbp(100)), Rung::amount(2, Money::gbp(1))]);
    }

    public function test_what_each_rung_keeps_and_how_many_must_climb(): void
    {
        $figures = $this->figures(new Ladder([Rung::percent(2, Rate::bp(1000)), Rung::total(3, Money::gbp(1200))]));
        self::assertSame([1, 2, 3], array_map(static fn (RungFigures $f): int => $f->pieces, $figures));
        // One: 8.29 − 4.00 − 0.35. Two at 17.91: tax 2.99 (2.985 up), fee 0.47, landed 7.00. Full price: 19.90, tax
        // 3.32, fee 0.50.
        self::assertSame([394, 745, -38], array_map(static fn (RungFigures $f): int => $f->till->keep->minor, $figures));
        // Of 100 buyers 10 take two anyway and keep 9.08 − 7.45 = 1.63 less; each climber brings 7.45 − 3.94 = 3.51: 10
        // × 1.63 ÷ 3.51 = 4.64
        self::assertSame([0, 465, null], array_map(static fn (RungFigures $f): ?int => $f->mustClimb, $figures));
        self::assertSame([false, false, true], array_map(static fn (RungFigures $f): bool => $f->keepsLess, $figures));
        self::assertSame([false, false, true], array_map(static fn (RungFigures $f): bool => $f->underFloor, $figures));
        self::assertSame([995, 896, 400], array_map(static fn (RungFigures $f): int => $f->perPiece()->minor, $figures));
    }

    public function test_one_piece_on_any_ladder_is_the_plain_price(): void
    {
        mt_srand(17);
        for ($n = 0; $n < 500; $n++) {
            [$piece, $landed, $terms] = [Money::gbp(mt_rand(1, 20_000)), Terms::randomLanded(), Terms::random()];
            $ladder = new Ladder([
                Rung::percent(mt_rand(2, 3), new Rate(mt_rand(0, 900_000))),
                Rung::amount(mt_rand(4, 9), Money::gbp(mt_rand(0, 5000))),
            ]);
            $one = $ladder->figures($piece, static fn (): Landed => $landed, $terms, static fn (): int => 500)[0];
            self::assertEquals(Till::ring($piece, $landed, $terms), $one->till);
            $quantity = mt_rand(1, 12);
            self::assertLessThanOrEqual(
                $piece->minor * $quantity,
                $ladder->price($piece, $quantity)->minor,
                'a ladder never asks more',
            );
        }
    }

    public function test_what_costs_nothing_to_offer_needs_nobody_to_climb(): void
    {
        $ladder = new Ladder([Rung::percent(2, Rate::none()), Rung::percent(3, Rate::bp(500))]);
        $figures = $this->figures($ladder);
        self::assertSame(0, $figures[1]->mustClimb, 'nobody pays less for two');
        self::assertGreaterThan(0, $figures[2]->mustClimb);
        $nobody = $this->figures(new Ladder([Rung::percent(2, Rate::bp(1000))]), anyway: 0)[1];
        self::assertSame([0, 0], [$nobody->anyway, $nobody->mustClimb], 'nobody would have bought two');
        $odd = $this->figures(new Ladder([Rung::percent(2, Rate::bp(1000))]), anyway: -5)[1];
        self::assertSame(0, $odd->anyway, 'fewer than nobody is nobody');
        self::assertSame(1000, $figures[1]->anyway);
        self::assertSame(0, $figures[0]->anyway, 'of one piece nobody climbs');
    }

    public function test_a_rung_that_brings_no_more_than_the_one_below_never_pays(): void
    {
        // Two for what one costs and a piece's landed cost more, so that both keep 3.94.
        $landed = static fn (int $n): Landed => Landed::of(Money::gbp(0), Money::gbp(0));
        $same = (new Ladder([Rung::total(2, Money::gbp(995))]))
            ->figures(Money::gbp(995), $landed, Terms::simple(), static fn (): int => 1000);
        self::assertSame($same[0]->till->keep->minor, $same[1]->till->keep->minor);
        self::assertSame([null, false, false], [$same[1]->mustClimb, $same[1]->keepsLess, $same[1]->underFloor]);
        $less = (new Ladder([Rung::total(2, Money::gbp(990))]))
            ->figures(Money::gbp(995), $landed, Terms::simple(), static fn (): int => 1000);
        self::assertTrue($less[1]->keepsLess);
    }

    #[TestWith([1])]
    #[TestWith([0])]
    public function test_a_rung_begins_at_two_pieces(int $pieces): void
    {
        self::assertSame(2, Rung::percent(2, Rate::bp(1000))->pieces);
        $this->expectException(\InvalidArgumentException::class);
        Rung::percent($pieces, Rate::bp(1000));
    }

    public function test_all_of_a_price_can_be_taken_off_and_no_more(): void
    {
        $two = [['piece' => 995, 'pieces' => 2]];
        self::assertSame(0, Rung::percent(2, Rate::bp(10_000))->prices($two)[0]);
        self::assertSame(0, Rung::percent(2, Rate::bp(12_000))->prices($two)[0]);
        self::assertSame(1, Rung::percent(2, new Rate(999_500))->prices($two)[0], '0.995 of a penny');
        self::assertSame(0, Rung::amount(2, Money::gbp(995))->prices($two)[0]);
        self::assertSame(2, Rung::amount(2, Money::gbp(994))->prices($two)[0]);
    }

    public function test_rungs_stand_by_rising_pieces_however_they_are_given(): void
    {
        $ladder = new Ladder([Rung::percent(5, Rate::bp(2000)), Rung::percent(2, Rate::bp(500)), Rung::percent(3, Rate::bp(1000))]);
        self::assertSame([2, 3, 5], array_map(static fn (Rung $r): int => $r->pieces, $ladder->rungs));
        self::assertSame(6, $ladder->next()->pieces);
    }

    /** @return list<RungFigures> */
    private function figures(Ladder $ladder, int $anyway = 1000): array
    {
        // Goods 3.00 each, delivery 1.00 a parcel.
        return $ladder->figures(
            Money::gbp(995),
            static fn (int $n): Landed => Landed::of(Money::gbp(300 * $n), Money::gbp(100)),
            Terms::simple(),
            static fn (int $n): int => $anyway,
            Floor::margin(Rate::bp(2000)),
        );
    }
}
