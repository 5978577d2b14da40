<?php

declare(strict_types=1);

namespace WindowStall\Standins\Tannet\Plates;

/** What a blank is made of: how large its threads are drawn, in millimetres, and how deep its folds. */
enum Stuff
{
    case Jersey;
    case Fleece;
    case Canvas;
    case Linen;
    case Clay;
    case Paper;

    private const AT_ONCE = 8;

    /**
     * Threads as a tile that is laid over the whole, or nothing where the surface is plain.
     *
     * @param  float  $finer  threads are drawn finer on what is small
     */
    public function tile(float $finer): string
    {
        [$size, $lines] = match ($this) {
            // Loops of a knit, seen as rows of small slanted stitches.
            self::Jersey => [3.2, '<path d="M0 0 l1.6 1.6 l1.6 -1.6 M0 1.6 l1.6 1.6 l1.6 -1.6" stroke-width=".55"/>'],
            self::Fleece => [5, '<path d="M0 1 q1.2 1.4 2.5 0 t2.5 0 M1.2 3.6 q1.2 1.4 2.5 0" stroke-width=".8"/>'],
            self::Canvas => [4.4, '<path d="M0 1.1 h2.2 M2.2 3.3 h2.2 M1.1 2.2 v2.2 M3.3 0 v2.2" stroke-width=".9"/>'],
            self::Linen => [5, '<path d="M0 1.2 h5 M0 3.1 h5 M1.6 0 v5 M4.2 0 v5" stroke-width=".7"/>'],
            self::Paper => [9, '<path d="M1 2 l1 .4 M5 6 l.8 -.5 M7 1.5 l.6 .5" stroke-width=".4"/>'],
            self::Clay => [0, ''],
        };
        if ($lines === '') {
            return '';
        }

        // Many at once as one tile: the renderer lays a few large ones sooner than many small ones.
        $many = '';
        for ($n = 0; $n < self::AT_ONCE ** 2; $n++) {
            $x = ($n % self::AT_ONCE) * $size;
            $many .= '<use href="#thread" x="'.$x.'" y="'.intdiv($n, self::AT_ONCE) * $size.'"/>';
        }
        $side = self::AT_ONCE * $size;

        return '<g id="thread"><g fill="none" stroke="#1c140c" stroke-opacity=".16">'.$lines.'</g>'.
            '<g fill="none" stroke="#fff" stroke-opacity=".2" transform="translate(.35 .35)">'.$lines.'</g></g>'.
            '<pattern id="threads" width="'.$side.'" height="'.$side.'" patternUnits="userSpaceOnUse" '.
            'patternTransform="scale('.round(min(1, $finer), 3).')">'.$many.'</pattern>';
    }

    public function isWoven(): bool
    {
        return $this !== self::Clay;
    }

    /** Millimetres that a fold is wide. */
    public function fold(): int
    {
        return match ($this) {
            self::Fleece => 44,
            self::Jersey, self::Linen => 30,
            self::Canvas => 34,
            self::Clay, self::Paper => 0,
        };
    }
}
