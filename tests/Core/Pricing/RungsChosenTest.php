<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Pricing;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Offers\Ladder;
use WindowStall\Core\Pricing\Offers\Rung;
use WindowStall\Core\Pricing\Offers\RungsChosen;

/** What may be said of a rung: that most chose it, and that a piece costs least on it. */
final class RungsChosenTest extends TestCase
{
    /**
     * @param  array<int, int>  $bought
     * @param  array{int, int}|null  $said  the rung, and of ten how many
     */
    #[TestWith([[1 => 7, 2 => 13], [2, 6]])]
    #[TestWith([[1 => 7, 2 => 12], null])]
    #[TestWith([[1 => 10, 2 => 10], null])]
    #[TestWith([[1 => 15, 2 => 10], null])]
    #[TestWith([[1 => 5, 2 => 6, 3 => 6, 5 => 20], [4, 5]])]
    #[TestWith([[2 => 6, 3 => 7, 4 => 9, 9 => 1], [2, 5]])]
    #[TestWith([[], null])]
    public function test_a_rung_is_chosen_most_only_where_twenty_bought_and_one_was_taken_most(array $bought, ?array $said): void
    {
        $chosen = RungsChosen::of([1, 2, 4], $bought);
        self::assertSame($said, $chosen === null ? null : [$chosen->pieces, $chosen->ofTen()]);
    }

    public function test_best_value_is_the_one_rung_on_which_a_piece_costs_least(): void
    {
        $piece = Money::of(650, 'GBP');
        $percent = static fn (int $pieces, int $off): Rung => Rung::percent($pieces, Rate::bp($off * 100));
        self::assertSame(4, (new Ladder([$percent(2, 10), $percent(4, 20)]))->bestOf($piece));
        self::assertNull((new Ladder([$percent(2, 10), $percent(4, 10)]))->bestOf($piece), 'two are alike');
        self::assertNull((new Ladder([Rung::total(2, Money::of(1_400, 'GBP'))]))->bestOf($piece), 'dearer than one by one');
        self::assertNull((new Ladder([]))->bestOf($piece));
    }
}
