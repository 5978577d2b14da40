<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

/** What mends a finding: one change to the page, to be made where it is pressed. */
final readonly class MendView
{
    /** @param  string  $do  move-behind, hide, say, take-out, lay or open */
    public function __construct(
        public string $words,
        public string $do,
        public string $section,
        public string $field,
        public ?int $row,
        public string $part,
        public string|int|null $value,
    ) {
    }
}
