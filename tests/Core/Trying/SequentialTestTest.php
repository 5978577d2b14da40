<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Trying;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use WindowStall\Core\Trying\SequentialTest;
use WindowStall\Core\Trying\Verdict;

/** Its errors by simulation, looked at after every order. */
final class SequentialTestTest extends TestCase
{
    private const CASES = 400;

    public function test_without_a_difference_one_is_alleged_in_at_most_5_of_100_cases_and_most_end_with_neither(): void
    {
        $said = $this->ended(0.5, 20_000);
        $alleged = $this->share($said, Verdict::First) + $this->share($said, Verdict::Second);
        self::assertLessThanOrEqual(0.05, $alleged);
        self::assertGreaterThan(0.9, $this->share($said, Verdict::Neither));
        // It ends on its own, and usually by the size that is stated.
        self::assertLessThan(SequentialTest::USUAL * 1.15, $this->quantile($said, 0.5));
        self::assertGreaterThan(SequentialTest::USUAL / 2, $this->quantile($said, 0.5));
    }

    public function test_a_tenth_more_orders_are_found_in_9_of_10_cases_within_the_stated_size(): void
    {
        $said = $this->ended(1.1 / 2.1, SequentialTest::SIZE);
        self::assertGreaterThanOrEqual(0.9, $this->share($said, Verdict::Second));
        self::assertSame(0.0, $this->share($said, Verdict::First));
        self::assertLessThan(SequentialTest::SIZE / 2, $this->quantile($said, 0.5));
    }

    public function test_it_is_the_same_for_both_halves(): void
    {
        $said = $this->ended(1 / 2.1, SequentialTest::SIZE);
        self::assertGreaterThanOrEqual(0.9, $this->share($said, Verdict::First));
    }

    public function test_half_as_many_again_is_found_in_a_tenth_of_the_orders(): void
    {
        $said = $this->ended(1.5 / 2.5, SequentialTest::SIZE);
        self::assertSame(1.0, $this->share($said, Verdict::Second));
        self::assertLessThan(SequentialTest::SIZE / 10, $this->quantile($said, 0.9));
    }

    public function test_what_is_decided_stays_decided(): void
    {
        $test = SequentialTest::of(array_fill(0, 80, true));
        self::assertSame(Verdict::Second, $test->verdict);
        // ln 40 over ln(2.2/2.1): the 80th order in a row.
        self::assertSame(Verdict::Open, SequentialTest::of(array_fill(0, 79, true))->verdict);
        self::assertSame($test, $test->with(false));
        self::assertSame(Verdict::Second, SequentialTest::of([...array_fill(0, 80, true), ...array_fill(0, 500, false)])->verdict);
        self::assertSame(Verdict::Open, SequentialTest::of([])->verdict);
    }

    /** @return list<array{Verdict, int}> what was said in each case, after how many orders */
    private function ended(float $fromSecond, int $most): array
    {
        $dice = new Randomizer(new Mt19937(3_200));
        $below = (int) round($fromSecond * 1_000_000);
        $said = [];
        for ($case = 0; $case < self::CASES; $case++) {
            $test = SequentialTest::begun();
            for ($n = 0; $n < $most && $test->verdict === Verdict::Open; $n++) {
                $test = $test->with($dice->getInt(0, 999_999) < $below);
            }
            $said[] = [$test->verdict, $n];
        }

        return $said;
    }

    /** @param  list<array{Verdict, int}>  $said */
    private function share(array $said, Verdict $verdict): float
    {
        return count(array_filter($said, static fn (array $one): bool => $one[0] === $verdict)) / count($said);
    }

    /** @param  list<array{Verdict, int}>  $said */
    private function quantile(array $said, float $share): int
    {
        $orders = array_column($said, 1);
        sort($orders);

        return $orders[(int) ($share * (count($orders) - 1))];
    }
}
