<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening;

/**
 * The goods a shop could begin with: what answers to its sentence, keeps well, arrives soon and is rated well, of
 * several kinds, nothing twice, and nothing with a caution.
 */
final class FirstGoods
{
    public const MOST = 12;

    /** What finds an item less than this part of what finds the best, is something else. */
    private const FITS_FROM = 4;

    /** How much each quality counts. Each is told by rank, so that none depends on its unit. */
    private const FIT = 4;

    private const KEEP = 3;

    private const DAYS = 2;

    private const RATING = 1;

    /**
     * @param  list<Proposable>  $items
     * @return list<Proposable> the best first
     */
    public static function of(array $items, int $most = self::MOST): array
    {
        $sound = self::fitting(array_values(array_filter($items, static fn (Proposable $item): bool => $item->sound())));
        $scores = self::scores($sound);
        usort($sound, static fn (Proposable $a, Proposable $b): int => [$scores[$b->id], $a->id] <=> [$scores[$a->id], $b->id]);
        $once = self::once($sound);

        // Of no kind more than half, as long as there are others.
        $chosen = $left = $kinds = [];
        foreach ($once as $item) {
            $kinds[$item->category] = ($kinds[$item->category] ?? 0) + 1;
            $most >= $kinds[$item->category] * 2 ? $chosen[] = $item : $left[] = $item;
        }

        return array_slice([...$chosen, ...$left], 0, $most);
    }

    /**
     * @param  list<Proposable>  $items
     * @return list<Proposable>
     */
    private static function fitting(array $items): array
    {
        $best = max([0, ...array_map(static fn (Proposable $item): int => $item->fit, $items)]);

        return array_values(array_filter(
            $items,
            static fn (Proposable $item): bool => $item->fit > 0 && $item->fit * self::FITS_FROM >= $best,
        ));
    }

    /**
     * @param  list<Proposable>  $items
     * @return array<int, int> item → its score
     */
    private static function scores(array $items): array
    {
        $fit = self::ranks(array_map(static fn (Proposable $item): int => $item->fit, $items));
        $keep = self::ranks(array_map(static fn (Proposable $item): int => $item->keep ?? 0, $items));
        $days = self::ranks(array_map(static fn (Proposable $item): int => -$item->days, $items));
        $rated = array_values(array_filter(array_map(static fn (Proposable $item): ?int => $item->rating, $items)));
        sort($rated);
        // What nobody rated stands in the middle of what was.
        $middle = $rated[intdiv(count($rated), 2)] ?? 0;
        $rating = self::ranks(array_map(static fn (Proposable $item): int => $item->rating ?? $middle, $items));
        $scores = [];
        foreach ($items as $n => $item) {
            $scores[$item->id] = self::FIT * $fit[$n] + self::KEEP * $keep[$n] + self::DAYS * $days[$n]
                + self::RATING * $rating[$n];
        }

        return $scores;
    }

    /**
     * @param  list<int>  $values  the more the better
     * @return list<int> for each, how many are worse
     */
    private static function ranks(array $values): array
    {
        $sorted = $values;
        sort($sorted);
        $worse = [];
        foreach ($sorted as $n => $value) {
            $worse[$value] ??= $n;
        }

        return array_map(static fn (int $value): int => $worse[$value], $values);
    }

    /**
     * @param  list<Proposable>  $items  the best first
     * @return list<Proposable> of several with the same barcode the first
     */
    private static function once(array $items): array
    {
        $seen = $once = [];
        foreach ($items as $item) {
            $known = array_intersect_key($seen, array_flip($item->barcodes));
            $seen += array_fill_keys($item->barcodes, true);
            if ($known === []) {
                $once[] = $item;
            }
        }

        return $once;
    }
}
