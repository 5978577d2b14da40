<?php

declare(strict_types=1);

namespace WindowStall\Core\Shelves;

/**
 * Which shelves to propose: those that bring most goods onto a shelf that stand on none, and that aren't nearly the
 * same as one that stands or was proposed before.
 */
final class Proposals
{
    public const MOST = 6;

    /** Of all goods in the window, so many on one shelf don't help anybody find something; basis points. */
    private const TOO_MANY_BP = 6_000;

    /**
     * @param  list<Candidate>  $candidates
     * @param  list<list<int>>  $standing  the goods of each shelf there is
     * @param  int  $all  goods in the window
     * @return list<array{candidate: Candidate, homeless: int}> best first; homeless: goods that stand on no shelf yet,
     *     counted as if those before were taken
     */
    public static function choose(array $candidates, array $standing, int $all): array
    {
        $fitting = array_values(array_filter(
            $candidates,
            static fn (Candidate $c): bool => count($c->goods) >= Overlap::FEW &&
                count($c->goods) * 10_000 <= $all * self::TOO_MANY_BP,
        ));
        $shelves = array_map(array_flip(...), $standing);
        $housed = array_fill_keys(array_merge(...$standing), true);
        $chosen = [];
        $counted = null;
        while ($fitting !== [] && count($chosen) < self::MOST) {
            // Counted anew only once something was chosen.
            $counted ??= self::ranked($fitting, $housed);
            $best = array_shift($counted);
            // What stands on other shelves already is found there.
            if ($best === null || $best['homeless'] === 0) {
                break;
            }
            $fitting = array_column($counted, 'candidate');
            if (self::stands($best['candidate'], $shelves)) {
                continue;
            }
            $chosen[] = $best;
            $shelves[] = array_flip($best['candidate']->goods);
            $housed += array_fill_keys($best['candidate']->goods, true);
            $counted = null;
        }

        return $chosen;
    }

    /**
     * @param  list<Candidate>  $candidates
     * @param  array<int, bool>  $housed
     * @return list<array{candidate: Candidate, homeless: int}> what houses most first
     */
    private static function ranked(array $candidates, array $housed): array
    {
        $counted = array_map(
            static fn (Candidate $c): array => ['candidate' => $c, 'homeless' => self::homeless($c, $housed)],
            $candidates,
        );
        usort($counted, static fn (array $a, array $b): int => $b['homeless'] <=> $a['homeless'] ?:
            ($a['candidate']->rank() <=> $b['candidate']->rank() ?:
                (count($b['candidate']->goods) <=> count($a['candidate']->goods) ?:
                    strcmp($a['candidate']->name, $b['candidate']->name))));

        return $counted;
    }

    /** @param  list<array<int, int>>  $shelves  goods as keys */
    private static function stands(Candidate $candidate, array $shelves): bool
    {
        $own = array_flip($candidate->goods);
        foreach ($shelves as $shelf) {
            if (Overlap::nearlySame(count(array_intersect_key($own, $shelf)), count($own), count($shelf))) {
                return true;
            }
        }

        return false;
    }

    /** @param  array<int, bool>  $housed */
    private static function homeless(Candidate $candidate, array $housed): int
    {
        return count(array_diff_key(array_flip($candidate->goods), $housed));
    }
}
