<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Support\Pictures\Crop;

/** Which piece of a picture is shown: how large the whole is and where it begins, in hundredths of the piece's side. */
final readonly class PieceView
{
    public function __construct(public float $width, public float $height, public float $left, public float $top)
    {
    }

    /**
     * @param  int  $width  of the whole, in pixels
     * @param  int  $height  in pixels
     */
    public static function of(Crop $crop, int $width, int $height): self
    {
        $piece = $crop->piece($width, $height);
        $across = static fn (int $pixels): float => round(100 * $pixels / $piece['width'], 2);
        $down = static fn (int $pixels): float => round(100 * $pixels / $piece['height'], 2);

        return new self(
            width: $across($width),
            height: $down($height),
            left: -$across($piece['left']),
            top: -$down($piece['top']),
        );
    }
}
