<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift;

/** One thing the supplier says differently than when the seller last agreed. */
final readonly class Change
{
    /**
     * @param  string|null  $variantId  the supplier's id, when the change is about one variant
     * @param  string  $before  as a person reads it
     * @param  string  $after  as a person reads it
     */
    public function __construct(
        public ChangeKind $kind,
        public ?string $variantId,
        public string $about,
        public string $before,
        public string $after,
    ) {
    }
}
