<?php

declare(strict_types=1);

namespace WindowStall\Core\Landing;

/** Items side by side: which is best at what. */
final readonly class Comparison
{
    /** row → whether less is better */
    private const LESS_IS_BETTER = [
        'landed' => true,
        'goods' => true,
        'delivery' => true,
        'days' => true,
        'stock' => false,
        'variants' => false,
        'rating' => false,
        'keep' => false,
    ];

    /**
     * @param  list<Compared>  $items  amounts all of one currency
     * @return array<string, list<int>> row → places of the best; empty where all are alike or fewer than two say
     *     anything
     */
    public static function best(array $items): array
    {
        $best = [];
        foreach (self::LESS_IS_BETTER as $row => $less) {
            $values = array_filter(
                array_map(static fn (Compared $i): ?int => self::value($i, $row), $items),
                is_int(...),
            );
            $top = $values === [] ? null : ($less ? min($values) : max($values));
            $winners = array_keys($values, $top, true);
            $best[$row] = count($values) < 2 || count($winners) === count($values) ? [] : $winners;
        }

        return $best;
    }

    private static function value(Compared $item, string $row): ?int
    {
        return match ($row) {
            'landed' => $item->landed?->minor,
            'goods' => $item->goods?->minor,
            'delivery' => $item->delivery?->minor,
            'days' => $item->days,
            'stock' => $item->stock,
            'variants' => $item->variants,
            'rating' => $item->ratingTenths,
            default => $item->keep?->minor,
        };
    }
}
