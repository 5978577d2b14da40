<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Left;

/** Something that is left before a shop opens: what it is, why it matters, and where it is mended. */
final readonly class LeftItem
{
    /** @param  string  $button  on the way there */
    public function __construct(
        public Weight $weight,
        public string $head,
        public string $words,
        public MendedAt $at,
        public string $button,
    ) {
    }
}
