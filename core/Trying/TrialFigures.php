<?php

declare(strict_types=1);

namespace WindowStall\Core\Trying;

/** What two versions brought so far: orders, what they keep, and how sure that is. */
final readonly class TrialFigures
{
    /** Orders of which an interval says something. */
    private const LEAST = 30;

    private const DAYS_OF_WEEK = 7;

    /** Days below which no pace is taken from. */
    private const SHORTEST = 0.25;

    /**
     * @param  int  $first  orders from the first half
     * @param  int  $second  orders from the second
     * @param  array{float, float}|null  $more  how many more orders the second brings than the first, as a share: at the least
     *     and at the most, −0.04 and 0.21; null while too few came
     * @param  array{float, float, float}|null  $keep  what the second half kept more than the first for each 100 orders of both,
     *     minor units: as found, at the least, at the most; null while too few came
     */
    private function __construct(
        public int $first,
        public int $second,
        public ?array $more,
        public ?array $keep,
        public Verdict $verdict,
    ) {
    }

    /** @param  list<array{second: bool, keep: int}>  $orders  in the order in which they came; minor units */
    public static function of(array $orders): self
    {
        $second = count(array_filter($orders, static fn (array $o): bool => $o['second']));
        $n = count($orders);

        return new self(
            $n - $second,
            $second,
            $n < self::LEAST ? null : self::more($second, $n),
            $n < self::LEAST ? null : self::keep($orders),
            SequentialTest::of(array_column($orders, 'second'))->verdict,
        );
    }

    public function orders(): int
    {
        return $this->first + $this->second;
    }

    /** How many more orders the second half brought than the first, as a share; null where that is no number. */
    public function found(): ?float
    {
        return $this->first === 0 ? null : $this->second / $this->first - 1;
    }

    /**
     * Weeks that are still to come until there is an answer, as long as orders come at this pace.
     *
     * @param  float  $days  since it began
     * @return int|null null where none came yet
     */
    public function weeksLeft(float $days): ?int
    {
        $n = $this->orders();
        $left = max(0, SequentialTest::USUAL - $n);

        return $n === 0 ? null : max(1, (int) ceil($left * max($days, self::SHORTEST) / $n / self::DAYS_OF_WEEK));
    }

    /** @return array{float, float} */
    private static function more(int $second, int $n): array
    {
        // A coin's deviation is never more than a half.
        $radius = AlwaysInterval::radius($n, 0.5);
        $odds = static fn (float $p): float => $p / (1 - $p) - 1;

        return [$odds(max(0.0, $second / $n - $radius)), $odds(min(0.999, $second / $n + $radius))];
    }

    /**
     * @param  list<array{second: bool, keep: int}>  $orders
     * @return array{float, float, float}
     */
    private static function keep(array $orders): array
    {
        $n = count($orders);
        $signed = array_map(static fn (array $o): int => $o['second'] ? $o['keep'] : -$o['keep'], $orders);
        $mean = array_sum($signed) / $n;
        $squares = array_sum(array_map(static fn (int $one): float => ($one - $mean) ** 2, $signed));
        $radius = AlwaysInterval::radius($n, sqrt($squares / ($n - 1)));

        return [100 * $mean, 100 * ($mean - $radius), 100 * ($mean + $radius)];
    }
}
