<?php

declare(strict_types=1);

namespace WindowStall\Shop\Finding;

/** One thing goods can be narrowed down by, and how many it would leave with the rest as it is. */
final readonly class FacetChoice
{
    /**
     * @param  string  $value  as it stands in the address
     * @param  string|null  $swatch  the colour it names
     */
    public function __construct(
        public string $value,
        public string $words,
        public int $goods,
        public bool $taken,
        public ?string $swatch = null,
    ) {
    }
}
