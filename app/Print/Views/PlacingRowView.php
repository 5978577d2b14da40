<?php

declare(strict_types=1);

namespace WindowStall\Print\Views;

/** A placing among others. */
final readonly class PlacingRowView
{
    public function __construct(
        public int $id,
        public string $name,
        public string $blank,
        public string $stands,
        public ?string $picture,
        public ?string $keptAs,
    ) {
    }
}
