<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Basket;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use WindowStall\Core\Basket\BoughtTogether;

final class BoughtTogetherTest extends TestCase
{
    public function test_lift_is_how_much_oftener_than_by_chance(): void
    {
        // 40 of 200 orders have twine, 30 have canes; by chance 6 would have both.
        [$canes] = BoughtTogether::among(200, 40, [['other' => 7, 'orders' => 30, 'both' => 18]]);
        self::assertSame([7, 18], [$canes->other, $canes->both]);
        self::assertEqualsWithDelta(3.0, $canes->lift, 1e-9);
    }

    public function test_what_chance_would_bring_or_too_few_say_isnt_said(): void
    {
        $said = fn (int $orders, int $both): array => BoughtTogether::among(200, 40, [['other' => 7, 'orders' => $orders, 'both' => $both]]);
        self::assertSame([], $said(30, 7), '7 where 6 are expected');
        self::assertSame([], $said(2, 2), 'two orders are no habit');
        self::assertSame([], $said(150, 30), 'what nearly all buy goes with everything as little as with anything');
        self::assertSame([], BoughtTogether::among(0, 0, []));
    }

    public function test_the_stronger_comes_first_and_of_two_alike_the_one_oftener_bought(): void
    {
        $found = BoughtTogether::among(1_000, 50, [
            ['other' => 1, 'orders' => 100, 'both' => 20],
            ['other' => 2, 'orders' => 20, 'both' => 10],
            ['other' => 3, 'orders' => 40, 'both' => 20],
        ]);
        self::assertSame([3, 2, 1], array_map(static fn (BoughtTogether $b): int => $b->other, $found));
    }

    public function test_of_goods_bought_at_random_few_are_said_to_go_together(): void
    {
        $dice = new Randomizer(new Mt19937(32));
        $said = $pairs = 0;
        for ($round = 0; $round < 60; $round++) {
            $with = 0;
            $of = $both = array_fill(1, 20, 0);
            for ($order = 0; $order < 400; $order++) {
                $mine = $dice->getInt(1, 5) === 1;
                $with += (int) $mine;
                foreach (array_keys($of) as $other) {
                    if ($dice->getInt(1, 8) === 1) {
                        $of[$other]++;
                        $both[$other] += (int) $mine;
                    }
                }
            }
            $others = array_map(
                static fn (int $o): array => ['other' => $o, 'orders' => $of[$o], 'both' => $both[$o]],
                array_keys($of),
            );
            $pairs += count($others);
            $said += count(BoughtTogether::among(400, $with, $others));
        }
        self::assertLessThan(0.05, $said / $pairs);
    }
}
