<?php

declare(strict_types=1);

namespace WindowStall\Core\Print\Plates;

use WindowStall\Core\Source\PrintArea;

/** An area that goes round an upright cylinder, seen from before: its middle lies in front. */
final readonly class RoundForm extends PlateForm
{
    /**
     * @param  float  $left  the cylinder's edges on the plate
     * @param  float  $top  the area's upper edge on the plate
     * @param  float  $span  millimetres of the cylinder that are seen, from edge to edge
     */
    public function __construct(
        PrintArea $area,
        private float $left,
        private float $right,
        private float $top,
        private float $bottom,
        private float $span,
    ) {
        if ($right <= $left || $bottom <= $top || $span <= 0) {
            throw new \InvalidArgumentException('A round area has a left and a right, a top and a bottom.');
        }
        parent::__construct($area);
    }

    public function pointAt(float $x, float $y): ?array
    {
        $from = ($x - ($this->left + $this->right) / 2) / (($this->right - $this->left) / 2);

        return abs($from) >= 1
            ? null
            : [
                $this->area->width / 2 + (asin($from) / M_PI) * $this->span,
                (($y - $this->top) / ($this->bottom - $this->top)) * $this->area->height,
            ];
    }

    public function density(): float
    {
        // In front, where it is seen largest: the circle is as wide as its half way round is long by 2 / pi.
        return max(
            (($this->right - $this->left) * M_PI) / 2 / $this->span,
            ($this->bottom - $this->top) / $this->area->height,
        );
    }
}
