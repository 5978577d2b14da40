<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Drift;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use WindowStall\Core\Drift\Docket\Own;
use WindowStall\Core\Drift\Rehearsal\Outcome;
use WindowStall\Core\Drift\Rehearsal\Replay;
use WindowStall\Core\Facts\Policies;
use WindowStall\Core\Source\Item;
use WindowStall\Tests\Core\Source\Items;

/** A listing played again: a trowel that costs 10.00 and is sold at twice its cost; it has to keep 2.00. */
final class ReplayTest extends TestCase
{
    /**
     * @param  array<mixed>  $rules
     * @param  list<int>  $costs  one after the other; a piece is bought after each
     * @param  array<string, int>  $expected
     */
    #[TestWith([[], null, [1_100], ['followed' => 1, 'sold' => 1, 'keep' => 1_100]], 'within the band')]
    #[TestWith([[], null, [1_200], ['asked' => 1, 'sold' => 1, 'keep' => 800]], 'beyond it: the price stands')]
    #[
        TestWith(
            [[], null, [1_200, 1_250], ['asked' => 1, 'sold' => 2, 'keep' => 1_550]],
            'asked once, however often it moves',
        ),
    ]
    #[TestWith([[], null, [1_200, 1_000], ['asked' => 1, 'sold' => 2, 'keep' => 1_800]], 'the supplier took it back')]
    #[
        TestWith(
            [[], null, [1_200, 1_100], ['asked' => 1, 'followed' => 1, 'sold' => 2, 'keep' => 1_900]],
            'it came back into the band',
        ),
    ]
    #[
        TestWith(
            [[], null, [1_900], ['asked' => 1, 'paused' => 1, 'missed' => 1]],
            'at 20.00 it would keep 1.00: not sold',
        ),
    ]
    #[
        TestWith(
            [['floor' => 'raise'], null, [1_900], ['asked' => 1, 'paused' => 1, 'missed' => 1]],
            'raised by the recipe it would leap by 90%: nobody’s rule lets that through',
        ),
    ]
    #[
        TestWith(
            [['cost' => 'keep', 'floor' => 'pause'], null, [1_900], ['kept' => 1, 'paused' => 1, 'missed' => 1]],
            'paused, not asked',
        ),
    ]
    #[
        TestWith(
            [['cost' => 'keep'], null, [1_900], ['asked' => 1, 'paused' => 1, 'missed' => 1]],
            'kept until it falls under its floor',
        ),
    ]
    #[TestWith([['band' => 9_000], null, [1_200], ['followed' => 1, 'sold' => 1, 'keep' => 1_200]])]
    #[
        TestWith(
            [['band' => 9_000], null, [1_400], ['asked' => 1, 'sold' => 1, 'keep' => 600]],
            'the price would leap by 40%',
        ),
    ]
    #[TestWith([[], 1_800, [1_400], ['kept' => 1, 'sold' => 1, 'keep' => 400]], 'a price by hand')]
    #[
        TestWith([
            [],
            1_800,
            [1_700, 1_500],
            ['asked' => 1, 'kept' => 1, 'paused' => 1, 'missed' => 1, 'sold' => 1, 'keep' => 300],
        ]),
    ]
    #[TestWith([['floor' => 'raise'], 1_800, [1_700], ['followed' => 1, 'sold' => 1, 'keep' => 1_700]])]
    public function test_costs(array $rules, ?int $byHand, array $costs, array $expected): void
    {
        $replay = self::replay($rules, $byHand);
        foreach ($costs as $cost) {
            $replay->said(self::trowel($cost));
            $replay->bought('a', 1);
        }
        self::assertEquals(new Outcome(...$expected), $replay->outcome);
    }

    public function test_words_are_asked_for_once_and_kept_where_they_are_the_sellers_own(): void
    {
        $asks = self::replay([]);
        $held = new Replay(Policies::of([]), new Own(title: true), ['a' => null], self::trowel(1_000), new Doubled());
        foreach (['Hand trowel HOT', 'Hand trowel HOT SALE'] as $title) {
            $asks->said(self::trowel(1_000, $title));
            $held->said(self::trowel(1_000, $title));
        }
        self::assertEquals(new Outcome(asked: 1), $asks->outcome);
        self::assertEquals(new Outcome(kept: 2), $held->outcome);
    }

    /**
     * @param  array<string, string>  $rules
     * @param  array<string, int>  $expected
     */
    #[TestWith([[], 1_500, ['asked' => 2, 'sold' => 1, 'keep' => 500]], 'beyond the band: its price stands')]
    #[TestWith([[], 1_100, ['asked' => 1, 'followed' => 1, 'sold' => 1, 'keep' => 1_100]], 'within it')]
    #[TestWith([[], 1_000, ['asked' => 1, 'sold' => 1, 'keep' => 1_000]], 'as it was')]
    #[
        TestWith(
            [['gone' => 'follow', 'new' => 'follow'], 1_500, ['followed' => 2, 'sold' => 1, 'keep' => 1_500]],
            'off by rule, it is a new one',
        ),
    ]
    public function test_a_variant_that_was_gone_and_is_offered_again(array $rules, int $cost, array $expected): void
    {
        $replay = self::replay($rules);
        $replay->said(Items::item([], 'Hand trowel'));
        $replay->said(self::trowel($cost));
        $replay->bought('a', 1);
        self::assertEquals(new Outcome(...$expected), $replay->outcome);
    }

    public function test_whatever_a_supplier_says_a_price_by_hand_is_never_sold_at_another(): void
    {
        $random = new Randomizer(new Mt19937(7));
        for ($round = 0; $round < 50; $round++) {
            $replay = self::replay(['floor' => $random->getInt(0, 1) === 0 ? 'ask' : 'pause'], 1_800);
            $keep = $sold = 0;
            for ($step = 0; $step < 12; $step++) {
                $cost = $random->getInt(500, 2_500);
                $replay->said(self::trowel($cost));
                $replay->bought('a', 1);
                if (1_800 - $cost >= 200) {
                    $keep += 1_800 - $cost;
                    $sold++;
                }
            }
            self::assertSame(
                [$keep, $sold, 0],
                [$replay->outcome->keep, $replay->outcome->sold, $replay->outcome->soldUnder],
            );
        }
    }

    /** @param  array<mixed>  $rules */
    private static function replay(array $rules, ?int $byHand = null): Replay
    {
        return new Replay(
            Policies::of(['for the stall' => $rules]),
            new Own(),
            ['a' => $byHand],
            self::trowel(1_000),
            new Doubled(),
        );
    }

    private static function trowel(int $cost, string $title = 'Hand trowel'): Item
    {
        return Items::item([Items::variant('a', cost: $cost)], title: $title);
    }
}
