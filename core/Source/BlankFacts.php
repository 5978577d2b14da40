<?php

declare(strict_types=1);

namespace WindowStall\Core\Source;

/**
 * What a print house says of the blank itself: what it is made of, how it is kept, who prints it where, how large each
 * size is.
 *
 * @phpstan-type SaidFacts array{material: string, care: string, made: string, sizes: array<string, array<string, int>>}
 */
final readonly class BlankFacts
{
    /** @param  array<string, array<string, int>>  $sizes  size → measure → millimetres */
    public function __construct(
        public string $material = '',
        public string $care = '',
        public string $made = '',
        public array $sizes = [],
    ) {
    }

    /** @return SaidFacts */
    public function toArray(): array
    {
        return [
            'material' => $this->material,
            'care' => $this->care,
            'made' => $this->made,
            'sizes' => $this->sizes,
        ];
    }
}
