<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Sourcing;

/**
 * Shares an order out over suppliers and warehouses. Whatever a stall prefers, what was promised goes first: an allocation with
 * fewer lines too late beats any with more. Then its preferences count one after the other, and at last what costs least.
 *
 * All combinations are tried, up to {@see self::MOST}; beyond, each line's sources that cost most by themselves are left out
 * until so many remain, and it is said.
 */
final readonly class Sharing
{
    public const MOST = 5_000;

    /**
     * @param  Allocation|null  $best  null where some line can't be had anywhere
     * @param  array<string, Allocation>  $runnersUp  what each other preference would have chosen, where that is another
     * @param  list<int>  $missing  lines that nobody has enough of
     * @param  int  $tried  combinations
     * @param  bool  $exact  whether these were all
     */
    private function __construct(
        public ?Allocation $best,
        public array $runnersUp,
        public array $missing,
        public int $tried,
        public bool $exact,
    ) {
    }

    /**
     * @param  list<SourcedLine>  $lines
     * @param  list<SourcingPreference>  $preferences  the first counts first
     * @param  int  $handling  of a parcel, minor units
     * @param  list<int>  $order  suppliers, for {@see SourcingPreference::InOrder}
     */
    public static function of(array $lines, array $preferences, int $handling, array $order = []): self
    {
        $missing = array_values(array_map(
            static fn (SourcedLine $line): int => $line->id,
            array_filter($lines, static fn (SourcedLine $line): bool => $line->able() === []),
        ));
        if ($missing !== [] || $lines === []) {
            return new self(null, [], $missing, 0, true);
        }
        [$able, $exact] = self::within($lines);
        $ways = array_merge([$preferences], array_map(static fn (SourcingPreference $one): array => [$one], SourcingPreference::cases()));
        $best = array_fill(0, count($ways), null);
        $tried = 0;
        foreach (self::combinations($able) as $sources) {
            $tried++;
            $allocation = Allocation::of($lines, $sources, $handling, $order);
            foreach ($ways as $n => $way) {
                $before = $best[$n];
                if ($before === null || self::rank($allocation, $way) < self::rank($before, $way)) {
                    $best[$n] = $allocation;
                }
            }
        }
        $chosen = array_shift($best);

        return new self($chosen, self::others($chosen, array_values(array_filter($best))), [], $tried, $exact);
    }

    /**
     * @param  list<Allocation>  $best  of each preference, in their order
     * @return array<string, Allocation>
     */
    private static function others(?Allocation $chosen, array $best): array
    {
        $others = [];
        $seen = [$chosen?->keys()];
        foreach (SourcingPreference::cases() as $n => $preference) {
            if (isset($best[$n]) && ! in_array($best[$n]->keys(), $seen, true)) {
                $others[$preference->value] = $best[$n];
                $seen[] = $best[$n]->keys();
            }
        }

        return $others;
    }

    /**
     * @param  list<SourcingPreference>  $preferences
     * @return list<int|string> less is better
     */
    private static function rank(Allocation $allocation, array $preferences): array
    {
        return [
            $allocation->late,
            ...array_map(static fn (SourcingPreference $one): int|string => $allocation->by($one), $preferences),
            $allocation->landed(),
            $allocation->by,
            $allocation->moved,
            ...array_values($allocation->keys()),
        ];
    }

    /**
     * @param  list<SourcedLine>  $lines
     * @return array{array<int, list<Source>>, bool} sources by line, and whether none was left out
     */
    private static function within(array $lines): array
    {
        $able = [];
        foreach ($lines as $line) {
            $sources = $line->able();
            $late = static fn (Source $s): int => $line->promised !== null && $s->by > $line->promised ? 1 : 0;
            usort($sources, static fn (Source $a, Source $b): int => [$late($a), $a->goods * $line->pieces + $a->first, $a->variant]
                <=> [$late($b), $b->goods * $line->pieces + $b->first, $b->variant]);
            $able[$line->id] = $sources;
        }
        $exact = true;
        while (array_product(array_map(count(...), $able)) > self::MOST) {
            $counts = array_map(count(...), $able);
            arsort($counts);
            array_pop($able[(int) array_key_first($counts)]);
            $exact = false;
        }

        return [$able, $exact];
    }

    /**
     * @param  array<int, list<Source>>  $able  by line
     * @return iterable<array<int, Source>>
     */
    private static function combinations(array $able): iterable
    {
        $line = array_key_first($able);
        if ($line === null) {
            yield [];

            return;
        }
        $rest = $able;
        unset($rest[$line]);
        foreach ($able[$line] as $source) {
            foreach (self::combinations($rest) as $others) {
                yield [$line => $source] + $others;
            }
        }
    }
}
