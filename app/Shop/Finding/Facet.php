<?php

declare(strict_types=1);

namespace WindowStall\Shop\Finding;

/** One kind of thing goods can be narrowed down by. */
final readonly class Facet
{
    /**
     * @param  string  $name  what it is called in the address
     * @param  bool  $several  whether several can be taken at once
     * @param  list<FacetChoice>  $choices
     */
    public function __construct(
        public string $name,
        public string $heading,
        public bool $several,
        public array $choices,
    ) {
    }

    public function swatches(): bool
    {
        return array_filter($this->choices, static fn (FacetChoice $c): bool => $c->swatch !== null) !== [];
    }
}
