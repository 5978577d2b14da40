<?php

declare(strict_types=1);

namespace WindowStall\Print\Views;

/** A blank that can be printed on. */
final readonly class BlankChoiceView
{
    public function __construct(
        public int $id,
        public string $name,
        public string $picture,
        public string $about,
    ) {
    }
}
