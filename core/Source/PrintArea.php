<?php

declare(strict_types=1);

namespace WindowStall\Core\Source;

/** A part of a blank that can be printed; millimetres. */
final readonly class PrintArea
{
    /**
     * @param  int  $width  in millimetres
     * @param  int  $height  in millimetres
     */
    public function __construct(public string $code, public string $name, public int $width, public int $height)
    {
    }
}
