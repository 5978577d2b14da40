<?php

declare(strict_types=1);

namespace WindowStall\Standins\Tannet\Plates;

/** Where a flat shape lies on a plate: so many units a millimetre, turned about the plate's middle. */
final readonly class Placed
{
    /**
     * @param  float  $units  for a millimetre
     * @param  float  $turn  degrees, clockwise
     * @param  float  $down  units below the middle
     */
    public function __construct(private Shape $shape, public float $units, private float $turn, private float $down)
    {
    }

    public function put(string $svg): string
    {
        return sprintf(
            '<g transform="rotate(%.2F 1000 1000) translate(%.3F %.3F) scale(%.5F)">%s</g>',
            $this->turn,
            1000 - $this->shape->width * $this->units / 2,
            1000 + $this->down - $this->shape->height * $this->units / 2,
            $this->units,
            $svg,
        );
    }

    /**
     * @param  float  $x  millimetres on the sheet
     * @return array{float, float} units on the plate
     */
    public function point(float $x, float $y): array
    {
        $dx = ($x - $this->shape->width / 2) * $this->units;
        $dy = ($y - $this->shape->height / 2) * $this->units + $this->down;
        $cos = cos(deg2rad($this->turn));
        $sin = sin(deg2rad($this->turn));

        return [round(1000 + $dx * $cos - $dy * $sin, 2), round(1000 + $dx * $sin + $dy * $cos, 2)];
    }
}
