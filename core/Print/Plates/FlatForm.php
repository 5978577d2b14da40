<?php

declare(strict_types=1);

namespace WindowStall\Core\Print\Plates;

use WindowStall\Core\Source\PrintArea;

/**
 * A flat area seen from anywhere: its four corners on the plate.
 *
 * The projective map of the unit square to a quadrilateral is Heckbert's (Fundamentals of Texture Mapping and Image
 * Warping, 1989, section 2.2.3); here its inverse is used.
 */
final readonly class FlatForm extends PlateForm
{
    private const SMALLEST = 1e-9;

    /** @var list<float> the inverse map, 3 × 3 by rows */
    private array $inverse;

    private float $density;

    /** @param  list<array{float, float}>  $corners  from the upper left one clockwise, in the plate's units */
    public function __construct(PrintArea $area, array $corners)
    {
        parent::__construct($area);
        [[$x0, $y0], [$x1, $y1], [$x2, $y2], [$x3, $y3]] = $corners;
        $dx1 = $x1 - $x2;
        $dx2 = $x3 - $x2;
        $dy1 = $y1 - $y2;
        $dy2 = $y3 - $y2;
        $sx = $x0 - $x1 + $x2 - $x3;
        $sy = $y0 - $y1 + $y2 - $y3;
        $across = $dx1 * $dy2 - $dx2 * $dy1;
        if (abs($across) < self::SMALLEST) {
            throw new \InvalidArgumentException('The corners of an area lie on one line.');
        }
        $g = ($sx * $dy2 - $dx2 * $sy) / $across;
        $h = ($dx1 * $sy - $sx * $dy1) / $across;
        [$a, $b, $c] = [$x1 - $x0 + $g * $x1, $x3 - $x0 + $h * $x3, $x0];
        [$d, $e, $f] = [$y1 - $y0 + $g * $y1, $y3 - $y0 + $h * $y3, $y0];
        // The adjugate is as good as the inverse: a factor falls out on division.
        $this->inverse = [
            $e - $f * $h, $c * $h - $b, $b * $f - $c * $e,
            $f * $g - $d, $a - $c * $g, $c * $d - $a * $f,
            $d * $h - $e * $g, $b * $g - $a * $h, $a * $e - $b * $d,
        ];
        $this->density = max(
            hypot($x1 - $x0, $y1 - $y0) / $area->width,
            hypot($x2 - $x3, $y2 - $y3) / $area->width,
            hypot($x3 - $x0, $y3 - $y0) / $area->height,
            hypot($x2 - $x1, $y2 - $y1) / $area->height,
        );
    }

    public function pointAt(float $x, float $y): ?array
    {
        [$a, $b, $c, $d, $e, $f, $g, $h, $i] = $this->inverse;
        $by = $g * $x + $h * $y + $i;
        if (abs($by) < self::SMALLEST) {
            return null;
        }

        return [
            (($a * $x + $b * $y + $c) / $by) * $this->area->width,
            (($d * $x + $e * $y + $f) / $by) * $this->area->height,
        ];
    }

    public function density(): float
    {
        return $this->density;
    }
}
