<?php

declare(strict_types=1);

namespace WindowStall\Core\Print\Placing;

use WindowStall\Core\Print\ArtworkFacts;

/**
 * An artwork on an area; lengths in tenths of a millimetre.
 *
 * @phpstan-type SaidPiece array{artwork: int, x: int, y: int, width: int, turn: int, repeat: bool}
 */
final readonly class Piece
{
    /**
     * @param  int  $artwork  its number
     * @param  int  $x  of its middle from the area's middle, to the right
     * @param  int  $y  of its upper edge, unturned, from the area's upper edge, down
     * @param  int  $turn  tenths of a degree, clockwise
     * @param  bool  $repeat  over the whole area, side by side
     */
    public function __construct(
        public int $artwork,
        public int $x,
        public int $y,
        public int $width,
        public int $turn = 0,
        public bool $repeat = false,
    ) {
    }

    /** @return SaidPiece */
    public function toArray(): array
    {
        return [
            'artwork' => $this->artwork,
            'x' => $this->x,
            'y' => $this->y,
            'width' => $this->width,
            'turn' => $this->turn,
            'repeat' => $this->repeat,
        ];
    }

    public function with(
        ?int $artwork = null,
        ?int $x = null,
        ?int $y = null,
        ?int $width = null,
        ?int $turn = null,
        ?bool $repeat = null,
    ): self {
        return new self(
            $artwork ?? $this->artwork,
            $x ?? $this->x,
            $y ?? $this->y,
            $width ?? $this->width,
            $turn ?? $this->turn,
            $repeat ?? $this->repeat,
        );
    }

    /** What it covers on an area so wide, turned as it is. */
    public function box(ArtworkFacts $artwork, int $areaWidth): Box
    {
        $height = $artwork->heightAt($this->width);
        $angle = deg2rad($this->turn / 10);
        // Whole tenths: a turn of 360° is exactly nothing.
        $wide = (int) round(abs($this->width * cos($angle)) + abs($height * sin($angle)));
        $high = (int) round(abs($this->width * sin($angle)) + abs($height * cos($angle)));

        return Box::about(intdiv($areaWidth, 2) + $this->x, $this->y + intdiv($height, 2), $wide, $high);
    }
}
