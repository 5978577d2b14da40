<?php

declare(strict_types=1);

namespace WindowStall\Core\Print;

use WindowStall\Core\Source\Blank;
use WindowStall\Core\Source\PrintArea;
use WindowStall\Core\Source\PrintMethod;

/** How large the file of an area is for one size of a blank: the area and its bleed at the method's density. */
final readonly class FilePlan
{
    private function __construct(
        /** Tenths of a millimetre, with bleed. */
        public int $width,
        public int $height,
        /** Tenths of a millimetre that lie beyond the area on each side. */
        public int $bleed,
        /** Thousandths that this size is of what was laid. */
        public int $scale,
        public int $dpi,
        public string $format,
    ) {
    }

    public static function of(Blank $blank, PrintArea $area, PrintMethod $method, string $size): self
    {
        $scale = $blank->scale($size);
        $bleed = 10 * $area->bleed;
        $side = static fn (int $length): int => intdiv(10 * $length * $scale + 500, 1000) + 2 * $bleed;

        return new self(
            $side($area->width),
            $side($area->height),
            $bleed,
            $scale,
            $method->limits->bestDpi,
            $method->limits->format,
        );
    }

    public function pixelsAcross(): int
    {
        return Dots::on($this->width, $this->dpi);
    }

    public function pixelsDown(): int
    {
        return Dots::on($this->height, $this->dpi);
    }
}
