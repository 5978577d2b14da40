<?php

declare(strict_types=1);

namespace WindowStall\Standins\Tannet\Plates;

/** A rectangle on a flat blank that can be printed; millimetres from the sheet's corner. */
final readonly class Area
{
    public function __construct(public float $left, public float $top, public float $width, public float $height)
    {
    }
}
