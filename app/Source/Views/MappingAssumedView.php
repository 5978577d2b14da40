<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

/** What is taken for granted where the file doesn’t say it; days as the supplier packs. */
final readonly class MappingAssumedView
{
    public function __construct(
        public string $warehouse,
        public int $stock,
        public int $grams,
        public int $processingMin,
        public int $processingMax,
        public string $delivery,
    ) {
    }
}
