<?php

declare(strict_types=1);

namespace WindowStall\Support\Pictures;

use Intervention\Image\Interfaces\ImageInterface;

/** What of a picture is shown: a square, as the shop shows goods, around a point that has to stay in view. */
final readonly class Crop
{
    public const NEAREST = 400;

    /**
     * @param  int  $x  the point, in hundredths from the left
     * @param  int  $y  in hundredths from the top
     * @param  int  $zoom  100 is the largest square there is, 200 half of its side
     */
    public function __construct(public int $x, public int $y, public int $zoom)
    {
        if (min($x, $y) < 0 || max($x, $y) > 100 || $zoom < 100 || $zoom > self::NEAREST) {
            throw new \InvalidArgumentException('A crop lies within the picture.');
        }
    }

    /** Null when the whole picture is shown. */
    public static function orNull(int $x, int $y, int $zoom): ?self
    {
        return $x === 50 && $y === 50 && $zoom === 100 ? null : new self($x, $y, $zoom);
    }

    public function key(): string
    {
        return "{$this->x},{$this->y},{$this->zoom}";
    }

    /** @return array{side: int, left: int, top: int} pixels; the point stays in the middle as far as the edges allow */
    public function square(int $width, int $height): array
    {
        $side = max(1, intdiv(min($width, $height) * 100, $this->zoom));
        $place = static fn (int $length, int $percent): int => max(0, min($length - $side, intdiv($length * $percent, 100) - intdiv($side, 2)));

        return ['side' => $side, 'left' => $place($width, $this->x), 'top' => $place($height, $this->y)];
    }

    public function apply(ImageInterface $image): void
    {
        ['side' => $side, 'left' => $left, 'top' => $top] = $this->square($image->width(), $image->height());
        $image->crop($side, $side, $left, $top);
    }
}
