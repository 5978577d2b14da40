<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Window\Showing;

/** When and where a section shows. */
final readonly class ShowingView
{
    /** @param  string  $words  what there is to say about it, or empty */
    public function __construct(
        public bool $hidden,
        public string $on,
        public string $from,
        public string $until,
        public string $half,
        public string $words,
    ) {
    }

    public static function of(Showing $showing): self
    {
        return new self(
            hidden: $showing->hidden,
            on: $showing->on,
            from: $showing->from,
            until: $showing->until,
            half: $showing->half,
            words: $showing->words(),
        );
    }
}
