<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Sourcing;

/**
 * Cuts what one supplier is to send into orders that its terms allow. First fit, the largest lines first; a line is cut only where
 * it alone is more than an order may hold.
 */
final class Portions
{
    /**
     * @param  array<int, int>  $lines  pieces by line
     * @param  int|null  $most  pieces that one order may have; null where there is no limit
     * @return list<array<int, int>> each a supplier order: pieces by line
     */
    public static function of(array $lines, ?int $most): array
    {
        $lines = array_filter($lines, static fn (int $pieces): bool => $pieces > 0);
        if ($most === null || array_sum($lines) <= max(1, $most)) {
            return $lines === [] ? [] : [$lines];
        }
        $most = max(1, $most);
        $portions = [];
        foreach ($lines as $line => $pieces) {
            for (; $pieces > $most; $pieces -= $most) {
                $portions[] = [$line => $most];
            }
            $lines[$line] = $pieces;
        }
        // By pieces, then by line, so that the same order is always cut the same way.
        uksort($lines, static fn (int $a, int $b): int => [-$lines[$a], $a] <=> [-$lines[$b], $b]);
        foreach ($lines as $line => $pieces) {
            self::put($portions, $line, $pieces, $most);
        }

        return $portions;
    }

    /**
     * Into the first that has room for it, or into a new one.
     *
     * @param  list<array<int, int>>  $portions
     */
    private static function put(array &$portions, int $line, int $pieces, int $most): void
    {
        foreach ($portions as $n => $portion) {
            if (array_sum($portion) + $pieces <= $most) {
                $portions[$n][$line] = ($portion[$line] ?? 0) + $pieces;

                return;
            }
        }
        $portions[] = [$line => $pieces];
    }
}
