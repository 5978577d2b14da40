<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

/** How much a supplier has, and what of it is gone. */
final readonly class CatalogueCountsView
{
    public function __construct(
        public int $items,
        public int $variants,
        public int $gone,
    ) {
    }
}
