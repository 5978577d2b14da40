<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/**
 * The brand colours of a logo, found by clustering its pixels in OKLab, where distance is what people see
 * (k-means; begun from the most frequent colours that are far apart, so that the same picture gives the same colours).
 */
final class ColoursOfPicture
{
    /** Clusters nearer than this in OKLab look like one colour. */
    private const APART = 0.09;

    /** Below this chroma people call it grey. */
    private const LEAST_CHROMA = 0.035;

    private const ROUNDS = 12;

    /** A colour on less of the picture than this, in thousandths, is an edge or an artefact. */
    private const LEAST_SHARE = 15;

    /**
     * @param  array<string, int>  $pixels  #rrggbb → how many pixels have it; transparent ones left out
     * @return list<Colour> three at the most; those with colour before grey, black and white, then by how much there is
     */
    public static function of(array $pixels): array
    {
        $points = [];
        foreach ($pixels as $hex => $count) {
            $points[] = ['lab' => Colour::hex($hex)->toOklab(), 'count' => $count];
        }
        if ($points === []) {
            return [];
        }
        $clusters = self::clusters($points, self::seeds($points));
        $total = array_sum(array_column($points, 'count'));
        $clusters = array_filter(
            $clusters,
            static fn (array $c): bool => $total * self::LEAST_SHARE <= $c['count'] * 1000,
        );
        usort($clusters, self::brandFirst(...));

        return array_map(
            static fn (array $c): Colour => Colour::oklab($c['lab']),
            array_slice($clusters, 0, LookPlan::MOST_COLOURS),
        );
    }

    /**
     * @param  non-empty-list<array{lab: array{float, float, float}, count: int}>  $points
     * @return non-empty-list<array{float, float, float}>
     */
    private static function seeds(array $points): array
    {
        usort($points, static fn (array $a, array $b): int => [$b['count'], $a['lab']] <=> [$a['count'], $b['lab']]);
        $seeds = [$points[0]['lab']];
        foreach ($points as $point) {
            $near = array_filter(
                $seeds,
                static fn (array $s): bool => self::distance($s, $point['lab']) < self::APART * 1.5,
            );
            if ($near === [] && count($seeds) < 8) {
                $seeds[] = $point['lab'];
            }
        }

        return $seeds;
    }

    /**
     * @param  non-empty-list<array{lab: array{float, float, float}, count: int}>  $points
     * @param  non-empty-list<array{float, float, float}>  $centres
     * @return list<array{lab: array{float, float, float}, count: int}>
     */
    private static function clusters(array $points, array $centres): array
    {
        $clusters = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $clusters = self::middles($points, $centres);
            $centres = array_column($clusters, 'lab') ?: $centres;
        }

        return self::joined($clusters);
    }

    /**
     * One round: each point goes to the nearest centre, and the middle of what came is the next one.
     *
     * @param  non-empty-list<array{lab: array{float, float, float}, count: int}>  $points
     * @param  non-empty-list<array{float, float, float}>  $centres
     * @return list<array{lab: array{float, float, float}, count: int}>
     */
    private static function middles(array $points, array $centres): array
    {
        $l = $a = $b = $counts = array_fill(0, count($centres), 0.0);
        foreach ($points as ['lab' => $lab, 'count' => $count]) {
            $nearest = 0;
            foreach ($centres as $n => $centre) {
                $nearest = self::distance($centre, $lab) < self::distance($centres[$nearest], $lab) ? $n : $nearest;
            }
            $l[$nearest] += $lab[0] * $count;
            $a[$nearest] += $lab[1] * $count;
            $b[$nearest] += $lab[2] * $count;
            $counts[$nearest] += $count;
        }
        $middles = [];
        foreach ($counts as $n => $count) {
            if ($count > 0) {
                $middles[] = ['lab' => [$l[$n] / $count, $a[$n] / $count, $b[$n] / $count], 'count' => (int) $count];
            }
        }

        return $middles;
    }

    /**
     * @param  list<array{lab: array{float, float, float}, count: int}>  $clusters
     * @return list<array{lab: array{float, float, float}, count: int}> those that look alike as one, by the larger's
     *     colour
     */
    private static function joined(array $clusters): array
    {
        usort($clusters, static fn (array $a, array $b): int => $b['count'] <=> $a['count']);
        /** @var list<array{lab: array{float, float, float}, count: int}> $kept */
        $kept = [];
        foreach ($clusters as $cluster) {
            $like = null;
            foreach ($kept as $n => $other) {
                $like ??= self::distance($other['lab'], $cluster['lab']) < self::APART ? $n : null;
            }
            if ($like === null) {
                $kept[] = $cluster;
            } else {
                $kept[$like] = ['lab' => $kept[$like]['lab'], 'count' => $kept[$like]['count'] + $cluster['count']];
            }
        }

        return array_values($kept);
    }

    /**
     * Colours before paper and ink, then by how much there is.
     *
     * @param  array{lab: array{float, float, float}, count: int}  $a
     * @param  array{lab: array{float, float, float}, count: int}  $b
     */
    private static function brandFirst(array $a, array $b): int
    {
        return [self::coloured($b['lab']), $b['count']] <=> [self::coloured($a['lab']), $a['count']];
    }

    /**
     * Whether it is a colour rather than paper, ink or grey, which are on every logo.
     *
     * @param  array{float, float, float}  $lab
     */
    private static function coloured(array $lab): bool
    {
        return hypot($lab[1], $lab[2]) >= self::LEAST_CHROMA;
    }

    /**
     * @param  array{float, float, float}  $a
     * @param  array{float, float, float}  $b
     */
    private static function distance(array $a, array $b): float
    {
        return sqrt(($a[0] - $b[0]) ** 2 + ($a[1] - $b[1]) ** 2 + ($a[2] - $b[2]) ** 2);
    }
}
