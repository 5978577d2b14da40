<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

/** What is to be printed on an area of an ordered piece: by which method, and which file at what size. */
final readonly class PrintOrder
{
    /**
     * @param  string  $area  the print house's code
     * @param  string  $method  the print house's code
     * @param  string  $sha256  of the file
     * @param  int  $width  tenths of a millimetre, with bleed
     * @param  int  $dpi  dots to the inch
     */
    public function __construct(
        public string $area,
        public string $method,
        public string $sha256,
        public int $width,
        public int $height,
        public int $dpi,
    ) {
    }
}
