<?php

declare(strict_types=1);

namespace WindowStall\Drift\Views;

/** One figure of a rehearsal: as it happened, under the rules as they are, under those that are tried. */
final readonly class RehearsalRowView
{
    public function __construct(
        public string $words,
        public string $happened,
        public string $now,
        public string $tried,
        public bool $differs,
    ) {
    }

    public function nought(): bool
    {
        return [$this->happened, $this->now, $this->tried] === ['0', '0', '0'];
    }
}
