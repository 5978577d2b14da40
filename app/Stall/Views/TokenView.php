<?php

declare(strict_types=1);

namespace WindowStall\Stall\Views;

/** An API token: what it is for and when it was used last. The token itself isn't kept. */
final readonly class TokenView
{
    public function __construct(
        public int $id,
        public string $name,
        public string $made,
        public ?string $used,
        public bool $decides,
    ) {
    }
}
