<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

/** One column of a file: its first values, what it probably means and why, and what it is said to mean. */
final readonly class MappingColumnView
{
    /**
     * @param  list<string>  $values
     * @param  int  $confidence  0 to 100
     */
    public function __construct(
        public string $name,
        public array $values,
        public ?string $guess,
        public int $confidence,
        public string $why,
        public ?string $field,
    ) {
    }
}
