<?php

declare(strict_types=1);

namespace WindowStall\Print\Views;

/** What lies on an area. */
final readonly class LaidView
{
    /**
     * @param  list<PrintedPieceView>  $pieces
     * @param  string|null  $ground  a colour under them
     */
    public function __construct(
        public string $area,
        public string $method,
        public array $pieces,
        public ?string $ground,
    ) {
    }
}
