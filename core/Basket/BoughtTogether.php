<?php

declare(strict_types=1);

namespace WindowStall\Core\Basket;

/**
 * Which goods are bought together more often than chance would have it. Lift is the share of orders with both over what it
 * would be if neither went with the other (https://en.wikipedia.org/wiki/Lift_(data_mining)).
 */
final readonly class BoughtTogether
{
    /** Orders with both, below which nothing is said. */
    public const LEAST = 3;

    /** How seldom chance alone may bring as many together for it to count. */
    private const CHANCE = 0.05;

    /** @param  float  $lift  2.0: twice as often as by chance */
    private function __construct(public int $other, public int $both, public float $lift)
    {
    }

    /**
     * @param  int  $orders  all of them
     * @param  int  $with  those with the goods in question
     * @param  list<array{other: int, orders: int, both: int}>  $others  of each of the others, orders with it, and with both
     * @return list<self> those that go with it, the highest lift first
     */
    public static function among(int $orders, int $with, array $others): array
    {
        $found = [];
        foreach ($others as $one) {
            $expected = $orders === 0 ? 0.0 : $with * $one['orders'] / $orders;
            $more = $one['both'] >= self::LEAST && $expected > 0 && $one['both'] > $expected;
            if ($more && self::tail($one['both'], $expected) <= self::CHANCE) {
                $found[] = new self($one['other'], $one['both'], $one['both'] / $expected);
            }
        }
        usort($found, static fn (self $a, self $b): int => [$b->lift, $b->both, $a->other] <=> [$a->lift, $a->both, $b->other]);

        return $found;
    }

    /** How likely so many or more are where so many are expected: the upper tail of Poisson's distribution. */
    private static function tail(int $count, float $expected): float
    {
        $term = exp(-$expected);
        $below = 0.0;
        for ($k = 0; $k < $count; $k++) {
            $below += $term;
            $term *= $expected / ($k + 1);
        }

        return max(0.0, 1.0 - $below);
    }
}
