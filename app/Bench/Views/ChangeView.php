<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

/** Something a supplier changed and that waits, as a listing's own page tells it: before → after, and what it does. */
final readonly class ChangeView
{
    public function __construct(
        public string $kind,
        public string $about,
        public string $before,
        public string $after,
        public string $effect,
        public bool $bad,
    ) {
    }
}
