<?php

declare(strict_types=1);

namespace WindowStall\Core\Print\Priced;

/**
 * One price up to a size and another above it. Amounts are minor units of one currency.
 *
 * @phpstan-type SaidPrices array{low: int, upTo: string, high: int}
 */
final readonly class TwoPrices
{
    public function __construct(public int $low, public string $upTo, public int $high)
    {
    }

    /** @param  list<string>  $sizes  the smallest first */
    public function of(string $size, array $sizes): int
    {
        $last = array_search($this->upTo, $sizes, true);
        $at = array_search($size, $sizes, true);

        return $last === false || $at === false || $at <= $last ? $this->low : $this->high;
    }

    /**
     * What each size has to ask to keep so much, brought to two prices: the sizes are parted where the step is largest, and
     * each part asks what its dearest size needs.
     *
     * @param  array<string, int>  $needed  size → the least price that keeps what is wanted, the smallest size first
     */
    public static function propose(array $needed): ?self
    {
        $sizes = array_map(strval(...), array_keys($needed));
        $prices = array_values($needed);
        $last = count($prices) - 1;
        if ($prices === []) {
            return null;
        }
        $part = $last;
        $step = 0;
        $low = $prices[0];
        for ($n = 0; $n < $last; $n++) {
            $low = max($low, $prices[$n]);
            $rise = $prices[$n + 1] - $low;
            // Of steps that part the prices alike, the later: more sizes ask the lower price.
            if ($rise > 0 && $rise >= $step) {
                $step = $rise;
                $part = $n;
            }
        }

        return new self(
            self::dearest(array_slice($prices, 0, $part + 1)),
            $sizes[$part],
            self::dearest(array_slice($prices, $part === $last ? 0 : $part + 1)),
        );
    }

    /** @param  list<int>  $prices */
    private static function dearest(array $prices): int
    {
        return array_reduce($prices, static fn (int $a, int $b): int => max($a, $b), 0);
    }
}
