<?php

declare(strict_types=1);

namespace WindowStall\Core\Print\Reading;

/**
 * Reads a drawing's pixels: its colours, what of it is half transparent, its thinnest line.
 *
 * Thickness at a pixel is the shorter of the unbroken runs through it across and down; slanting lines seem thicker by up
 * to √2. The thinnest line is that of which three thousandths of the drawing are.
 */
final readonly class PixelReading
{
    private const OPAQUE = 230;

    private const CLEAR = 25;

    /** Colours that are kept. */
    private const MOST_COLOURS = 40;

    /** Steps of each channel that count as one colour. */
    private const STEP = 16;

    private const OF_IT = 3;

    /** How far a pixel may be from the ground's colour and be the ground, in each channel. */
    private const GROUND = 24;

    /**
     * @param  list<array{string, int}>  $colours  hex and thousandths, the most first
     * @param  int  $soft  thousandths of what is drawn
     * @param  int  $line  hundred-thousandths of the width
     */
    private function __construct(public array $colours, public int $soft, public int $line)
    {
    }

    /**
     * @param  array<int, int>  $pixels  row by row: opacity << 24 | red << 16 | green << 8 | blue
     */
    public static function of(int $width, int $height, array $pixels): self
    {
        $bins = [];
        $seen = $soft = 0;
        $ground = self::ground($width, $height, $pixels);
        $ink = '';
        foreach ($pixels as $n => $pixel) {
            $opacity = $pixel >> 24 & 255;
            $drawn = $opacity > self::CLEAR;
            $ink .= $drawn && $opacity >= 128 && ! self::near($pixel, $ground) ? '1' : '0';
            if (! $drawn) {
                continue;
            }
            $seen++;
            [$r, $g, $b] = [$pixel >> 16 & 255, $pixel >> 8 & 255, $pixel & 255];
            $bin = intdiv($r, self::STEP) << 8 | intdiv($g, self::STEP) << 4 | intdiv($b, self::STEP);
            $bins[$bin] ??= [0, 0, 0, 0];
            $bins[$bin][0] += $opacity;
            $bins[$bin][1] += $r * $opacity;
            $bins[$bin][2] += $g * $opacity;
            $bins[$bin][3] += $b * $opacity;
            $soft += $opacity < self::OPAQUE && ! self::edge($n, $width, $pixels) ? 1 : 0;
        }

        return new self(
            self::colours($bins),
            $seen === 0 ? 0 : intdiv(1000 * $soft, $seen),
            self::thinnest($width, $height, $ink),
        );
    }

    /**
     * @param  array<int, array{int, int, int, int}>  $bins
     * @return list<array{string, int}>
     */
    private static function colours(array $bins): array
    {
        usort($bins, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $bins = array_slice($bins, 0, self::MOST_COLOURS);
        $all = max(1, array_sum(array_column($bins, 0)));
        $colours = [];
        foreach ($bins as [$weight, $r, $g, $b]) {
            $share = intdiv(2000 * $weight + $all, 2 * $all);
            $mean = static fn (int $sum): int => intdiv(2 * $sum + $weight, 2 * $weight);
            if ($share > 0) {
                $colours[] = [
                    sprintf('#%02x%02x%02x', $mean($r), $mean($g), $mean($b)),
                    $share,
                ];
            }
        }

        return $colours;
    }

    /**
     * What an opaque picture is drawn on: the colour of its corners where they agree.
     *
     * @param  array<int, int>  $pixels
     */
    private static function ground(int $width, int $height, array $pixels): ?int
    {
        $corners = [0, $width - 1, $width * ($height - 1), $width * $height - 1];
        $first = $pixels[0] ?? 0;
        foreach ($corners as $corner) {
            $pixel = $pixels[$corner] ?? 0;
            if (($pixel >> 24 & 255) < self::OPAQUE || ! self::near($pixel, $first)) {
                return null;
            }
        }

        return $first;
    }

    private static function near(int $pixel, ?int $ground): bool
    {
        return $ground !== null &&
            abs(($pixel >> 16 & 255) - ($ground >> 16 & 255)) <= self::GROUND &&
            abs(($pixel >> 8 & 255) - ($ground >> 8 & 255)) <= self::GROUND &&
            abs(($pixel & 255) - ($ground & 255)) <= self::GROUND;
    }

    /**
     * Whether a half transparent pixel is only the smooth edge of what is drawn: full on one side, nothing on the other.
     *
     * @param  array<int, int>  $pixels
     */
    private static function edge(int $n, int $width, array $pixels): bool
    {
        $full = $empty = false;
        foreach ([-1, 1, -2, 2, -$width, $width, -2 * $width, 2 * $width] as $step) {
            $opacity = ($pixels[$n + $step] ?? 0) >> 24 & 255;
            $full = $full || $opacity >= self::OPAQUE;
            $empty = $empty || $opacity <= self::CLEAR;
        }

        return $full && $empty;
    }

    /** @param  string  $ink  "1" for each pixel that is drawn */
    private static function thinnest(int $width, int $height, string $ink): int
    {
        $across = [];
        for ($y = 0; $y < $height; $y++) {
            self::runs(substr($ink, $y * $width, $width), $y * $width, 1, $across);
        }
        $thick = [];
        for ($x = 0; $x < $width; $x++) {
            $column = '';
            for ($y = 0, $at = $x; $y < $height; $y++, $at += $width) {
                $column .= $ink[$at];
            }
            $down = [];
            self::runs($column, $x, $width, $down);
            foreach ($down as $at => $run) {
                $least = min($run, $across[$at]);
                $thick[$least] = ($thick[$least] ?? 0) + 1;
            }
        }
        ksort($thick);
        $needed = (array_sum($thick) * self::OF_IT) / 1000;
        foreach ($thick as $pixels => $count) {
            $needed -= $count;
            if ($needed <= 0) {
                return max(1, intdiv($pixels * 100_000, $width));
            }
        }

        return 0;
    }

    /** @param  array<int, int>  $into  pixel → how long the run through it is */
    private static function runs(string $line, int $first, int $step, array &$into): void
    {
        preg_match_all('/1+/', $line, $runs, PREG_OFFSET_CAPTURE);
        foreach ($runs[0] as [$run, $from]) {
            $length = strlen($run);
            for ($n = $from; $n < $from + $length; $n++) {
                $into[$first + $n * $step] = $length;
            }
        }
    }
}
