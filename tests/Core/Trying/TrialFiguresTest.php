<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Trying;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use WindowStall\Core\Trying\AlwaysInterval;
use WindowStall\Core\Trying\TrialFigures;
use WindowStall\Core\Trying\Verdict;

final class TrialFiguresTest extends TestCase
{
    public function test_an_interval_is_as_worked_out_by_hand_and_narrows_with_orders(): void
    {
        // −2 ln 0.05 = 5.99146; ρ² = (5.99146 + ln 6.99146) / 2000 = 0.0039681; at n = 2000: nρ² + 1 = 8.93616,
        // √(8.93616 ÷ (2000² × 0.0039681) × ln(8.93616 ÷ 0.0025)) = √(5.6300e-4 × 8.18158) = 0.067869
        self::assertEqualsWithDelta(0.067869, AlwaysInterval::radius(2_000, 1.0), 2e-5);
        self::assertEqualsWithDelta(0.067869 * 3, AlwaysInterval::radius(2_000, 3.0), 1e-4);
        self::assertLessThan(AlwaysInterval::radius(100, 1.0), AlwaysInterval::radius(1_000, 1.0));
    }

    /** The whole way along, looked at after every order. */
    public function test_in_at_most_5_of_100_cases_it_is_ever_wrong(): void
    {
        $dice = new Randomizer(new Mt19937(77));
        $wrong = 0;
        for ($case = 0; $case < 300; $case++) {
            for ($n = 1, $sum = 0; $n <= 2_000; $n++) {
                $sum += $dice->getInt(0, 1);
                if (abs($sum / $n - 0.5) > AlwaysInterval::radius($n, 0.5)) {
                    $wrong++;

                    break;
                }
            }
        }
        self::assertLessThanOrEqual(15, $wrong);
    }

    public function test_what_halves_brought_is_counted_and_weighed_with_what_they_keep(): void
    {
        $orders = [];
        for ($n = 0; $n < 600; $n++) {
            $orders[] = ['second' => $n % 3 !== 0, 'keep' => 500];
        }
        $figures = TrialFigures::of($orders);
        self::assertSame([200, 400, 600], [$figures->first, $figures->second, $figures->orders()]);
        self::assertEqualsWithDelta(1.0, $figures->found(), 1e-9, 'twice as many');
        self::assertSame(Verdict::Second, $figures->verdict);
        [$least, $most] = $figures->more ?? [0.0, 0.0];
        self::assertGreaterThan(0.3, $least);
        self::assertLessThan(3.0, $most);
        [$found, $low, $high] = $figures->keep ?? [0.0, 0.0, 0.0];
        // (400 − 200) × £5 over 600 orders: £166.67 for each hundred.
        self::assertEqualsWithDelta(16_666.67, $found, 0.01);
        self::assertTrue($low < $found && $found < $high && $low > 0);
    }

    public function test_of_few_nothing_is_said_and_how_long_it_takes_goes_by_the_pace(): void
    {
        $few = TrialFigures::of(array_fill(0, 29, ['second' => true, 'keep' => 500]));
        self::assertSame([null, null, Verdict::Open], [$few->more, $few->keep, $few->verdict]);
        self::assertNull($few->found());
        self::assertNull(TrialFigures::of([])->weeksLeft(20));
        // 3,600 less 100 at ten a day.
        $paced = TrialFigures::of([...array_fill(0, 50, ['second' => true, 'keep' => 1]), ...array_fill(0, 50, ['second' => false, 'keep' => 1])]);
        self::assertSame(50, $paced->weeksLeft(10));
    }
}
