<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Views;

/** Something a rule can look at, and the names there are of it. */
final readonly class FieldChoiceView
{
    /**
     * @param  string  $unit  what stands behind a figure
     * @param  array<string, string>  $names  what is kept → what is read
     */
    public function __construct(
        public string $field,
        public string $asks,
        public string $label,
        public string $unit,
        public array $names,
    ) {
    }
}
