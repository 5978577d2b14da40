<?php

declare(strict_types=1);

namespace WindowStall\Core\Source;

/** A part of a blank that can be printed; millimetres. */
final readonly class PrintArea
{
    public function __construct(public string $code, public string $name, public int $width, public int $height)
    {
    }
}
