<?php

declare(strict_types=1);

namespace WindowStall\Print\Views;

/** What lies on an area. */
final readonly class LaidView
{
    /**
     * @param  list<PrintedPieceView>  $pieces
     */
    public function __construct(
        public string $area,
        public string $method,
        public array $pieces,
    ) {
    }
}
