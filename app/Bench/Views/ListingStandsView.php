<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

/** Where a listing stands: on the bench, in the window or put by, and what it lacks for the window. */
final readonly class ListingStandsView
{
    /**
     * @param  list<LackView>  $lacks
     */
    public function __construct(
        public string $state,
        public string $words,
        public array $lacks,
        public string $previewUrl,
        public ?string $shopUrl,
    ) {
    }
}
