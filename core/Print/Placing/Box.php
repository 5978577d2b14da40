<?php

declare(strict_types=1);

namespace WindowStall\Core\Print\Placing;

/** A rectangle on an area; tenths of a millimetre from its upper left corner. */
final readonly class Box
{
    public function __construct(public int $left, public int $top, public int $width, public int $height)
    {
    }

    public static function about(int $x, int $y, int $width, int $height): self
    {
        return new self($x - intdiv($width, 2), $y - intdiv($height, 2), $width, $height);
    }

    /** @return int by how much it stands out of a rectangle that begins at the corner, at its worst side; 0 for not */
    public function beyond(int $width, int $height, int $margin = 0): int
    {
        return max(
            0,
            $margin - $this->left,
            $margin - $this->top,
            $this->left + $this->width - ($width - $margin),
            $this->top + $this->height - ($height - $margin),
        );
    }

    /** Whether it reaches all four edges. */
    public function covers(int $width, int $height, int $over = 0): bool
    {
        return $this->left <= -$over &&
            $this->top <= -$over &&
            $this->left + $this->width >= $width + $over &&
            $this->top + $this->height >= $height + $over;
    }
}
