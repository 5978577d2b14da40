<?php

declare(strict_types=1);

namespace WindowStall\Shop\Finding;

/** One kind of thing goods can be narrowed down by. */
final readonly class Facet
{
    /** Goods that need no narrowing. */
    private const AT_A_GLANCE = 2;

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

    /**
     * Whether any of it is taken or would leave fewer; among so few that one sees them at a glance, nothing need be.
     *
     * @param  int  $here  goods of the list before it is narrowed
     */
    public function narrows(int $here): bool
    {
        foreach ($this->choices as $choice) {
            if ($choice->taken || ($here > self::AT_A_GLANCE && $choice->goods > 0 && $choice->goods < $here)) {
                return true;
            }
        }

        return false;
    }

    public function swatches(): bool
    {
        return array_filter($this->choices, static fn (FacetChoice $c): bool => $c->swatch !== null) !== [];
    }
}
