<?php

declare(strict_types=1);

namespace WindowStall\Core\Source;

/** A blank drawn flat and to scale. */
final readonly class PrintSheet
{
    /**
     * @param  int  $width  in millimetres
     * @param  string  $outline  SVG path data, in millimetres
     */
    public function __construct(public int $width, public int $height, public string $outline)
    {
    }

    /** @return array{width: int, height: int, outline: string} */
    public function toArray(): array
    {
        return [
            'width' => $this->width,
            'height' => $this->height,
            'outline' => $this->outline,
        ];
    }
}
