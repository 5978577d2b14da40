<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Bench\Listing;

/** What the seller files a listing under; no supplier says any of it. */
final readonly class OwnOrderView
{
    /**
     * @param  list<string>  $tags
     * @param  bool  $grownUp  whether it is sold to grown-ups only
     */
    public function __construct(
        public string $type,
        public array $tags,
        public string $maker,
        public string $notes,
        public bool $grownUp,
    ) {
    }

    public static function of(Listing $listing): self
    {
        return new self(
            type: (string) $listing->own_type,
            tags: $listing->own_tags,
            maker: (string) $listing->own_maker,
            notes: (string) $listing->own_notes,
            grownUp: $listing->own_grown_up,
        );
    }
}
