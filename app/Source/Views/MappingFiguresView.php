<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

/** How the file writes figures. */
final readonly class MappingFiguresView
{
    /**
     * @param  string|null  $doubt  what is asked of a person about how figures are written
     */
    public function __construct(
        public string $decimal,
        public ?string $doubt,
        public bool $kilograms,
    ) {
    }
}
